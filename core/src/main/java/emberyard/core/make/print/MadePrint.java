package emberyard.core.make.print;

import emberyard.core.build.PrintPart;
import emberyard.core.make.mesh.PrintFigures;

/** A printed part with its figures. */
public record MadePrint(PrintPart part, PrintFigures figures) {}

package emberyard.core.colour;

/** The transfer curve of sRGB (IEC 61966-2-1), both ways, 0 to 1. */
final class Gamma {
  private Gamma() {}

  static double toLinear(double encoded) {
    return encoded <= 0.04045 ? encoded / 12.92 : Math.pow((encoded + 0.055) / 1.055, 2.4);
  }

  static double toEncoded(double linear) {
    return linear <= 0.0031308 ? linear * 12.92 : 1.055 * Math.pow(linear, 1 / 2.4) - 0.055;
  }
}

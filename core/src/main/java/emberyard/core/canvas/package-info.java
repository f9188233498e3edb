/** What screens show: one drawing of marks in mm, that browsers, files and pages only paint. */
package emberyard.core.canvas;

/** The six faces as drawings to scale: the build's picture, read by all capabilities. */
package emberyard.core.elevation;

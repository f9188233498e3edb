/**
 * Light that a build gives: what its runs draw and show, in each scene. Beneath the capabilities:
 * faces, fit, light and finish all read it here.
 */
package emberyard.core.glow;

/** Colours as numbers: spaces, differences, light, eyes, pictures. Beneath all capabilities. */
package emberyard.core.colour;

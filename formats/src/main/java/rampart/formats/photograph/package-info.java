/** Outlines of items out of photographs: printed marks, the camera found from them, the picture laid flat, what stands out in it. */
package rampart.formats.photograph;

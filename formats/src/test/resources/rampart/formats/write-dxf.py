"""Writes a DXF file of every curve that we read, in inches, by an independent library."""
import math
import sys

import ezdxf

document = ezdxf.new("R2010")
document.header["$INSUNITS"] = 1
space = document.modelspace()
document.layers.add("plate")
document.layers.add("round")
space.add_lwpolyline([(0, 0, 0, 0, 0), (4, 0, 0, 0, 1), (4, 2, 0, 0, 0), (0, 2, 0, 0, 1)], close=True, dxfattribs={"layer": "plate"})
space.add_circle((10, 0), 1, dxfattribs={"layer": "round"})
space.add_ellipse((10, 5), (2, 0), 0.5, dxfattribs={"layer": "round"})
# A square of four lines that do not quite meet, the gaps under a hundredth of an inch.
space.add_line((20, 0), (21, 0))
space.add_line((21.005, 0), (21, 1))
space.add_line((20, 1), (21, 1.003))
space.add_line((20, 1), (20, 0.004))
# A half disc of an arc and a line.
space.add_arc((30, 0), 1, 0, 180)
space.add_line((29, 0), (31, 0))
# A closed cubic: a circle of radius 3 to within 0.03 per cent, by four Bezier curves as one spline.
k = 4 / 3 * math.tan(math.pi / 8)
r = 3.0
points = [(r, 0), (r, k * r), (k * r, r), (0, r), (-k * r, r), (-r, k * r), (-r, 0), (-r, -k * r), (-k * r, -r), (0, -r), (k * r, -r), (r, -k * r), (r, 0)]
points = [(x + 40, y) for x, y in points]
spline = space.add_open_spline(points, degree=3)
spline.knots = [0, 0, 0, 0, 1, 1, 1, 2, 2, 2, 3, 3, 3, 4, 4, 4, 4]
space.add_text("not an outline")
space.add_line((50, 0), (55, 0), dxfattribs={"layer": "plate"})
document.saveas(sys.argv[1])

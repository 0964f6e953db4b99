"""Prints what an independent reader finds in each DXF file: units, then one line for each curve and each straight line."""
import sys

import ezdxf


def tell(document):
    print("units", document.header.get("$INSUNITS", 0))
    for entity in document.modelspace():
        if entity.dxftype() == "TEXT":
            print("text", entity.dxf.layer, entity.dxf.text)
            continue
        if entity.dxftype() == "LINE":
            a, b = entity.dxf.start, entity.dxf.end
            print("line", entity.dxf.layer, f"{a.x:.5f},{a.y:.5f}", f"{b.x:.5f},{b.y:.5f}")
            continue
        places = []
        for piece in entity.virtual_entities():
            if piece.dxftype() == "ARC":
                run = list(piece.flattening(0.002))
            else:
                run = [piece.dxf.start, piece.dxf.end]
            if places and places[-1].distance(run[0]) > 1e-3:
                run.reverse()
            if len(places) == 0 or places[-1].distance(run[0]) > 1e-3:
                places += run
            else:
                places += run[1:]
        print("curve", entity.dxf.layer, int(entity.is_closed), *[f"{v.x:.5f},{v.y:.5f}" for v in places])


for name in sys.argv[1:]:
    tell(ezdxf.readfile(name))

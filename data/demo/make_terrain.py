#!/usr/bin/env python3
"""Makes the demo's elevation raster: an invented landscape around an invented field. Not run by the build; run again
only to change the land:

    data/demo/make_terrain.py land.asc && gdal_translate -ot Int16 -a_srs EPSG:4326 -co COMPRESS=DEFLATE -co PREDICTOR=2 \
        land.asc data/demo/valdesorna.tif
"""
import math
import random
import sys

HOME_LAT, HOME_LON, HOME_M = 39.418250, -31.361480, 240.0
WEST, SOUTH, COLUMNS, ROWS, STEP = -31.80, 39.20, 460, 300, 0.0015

random.seed(20260411)
GRID = [[random.random() for _ in range(64)] for _ in range(64)]


def smooth(t):
    return t * t * (3 - 2 * t)


def noise(x, y):
    i, j = math.floor(x), math.floor(y)
    u, v = smooth(x - i), smooth(y - j)
    g = lambda a, b: GRID[b % 64][a % 64]
    low = g(i, j) + u * (g(i + 1, j) - g(i, j))
    high = g(i, j + 1) + u * (g(i + 1, j + 1) - g(i, j + 1))
    return low + v * (high - low)


def height(lat, lon):
    east = (lon - HOME_LON) * 111320 * math.cos(math.radians(HOME_LAT)) / 1000
    north = (lat - HOME_LAT) * 111320 / 1000
    rolling = sum(noise(east / s + 7, north / s + 3) * a for s, a in ((9.0, 150), (3.7, 60), (1.4, 22), (0.6, 8)))
    land = 95 + rolling
    # A ridge north of the way west, hills to the south-east, a river valley along the way out.
    land += 260 * math.exp(-((north - 5.5 - 0.08 * east) / 1.9) ** 2) * (0.75 + 0.5 * noise(east / 4, 11))
    land += 210 * math.exp(-((east - 7.5) / 2.4) ** 2 - ((north + 5) / 3.2) ** 2)
    valley = math.exp(-((north - 0.1 * east + 0.4) / 1.7) ** 2)
    land = land * (1 - 0.85 * valley) + 0.85 * valley * (222 + 1.4 * max(0.0, -east - 12))
    near = math.exp(-(east * east + north * north) / 0.8)
    return max(0.0, land * (1 - near) + HOME_M * near)


with open(sys.argv[1], "w", encoding="ascii") as out:
    out.write(f"ncols {COLUMNS}\nnrows {ROWS}\nxllcorner {WEST}\nyllcorner {SOUTH}\ncellsize {STEP}\n")
    for row in range(ROWS):
        lat = SOUTH + (ROWS - row - 0.5) * STEP
        out.write(" ".join(f"{height(lat, WEST + (c + 0.5) * STEP):.0f}" for c in range(COLUMNS)) + "\n")

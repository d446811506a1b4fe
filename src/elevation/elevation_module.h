#pragma once

/* What the program and its module for elevation rasters say to each other: plain C, so that the module can be built
   and loaded on its own. */

#ifdef __cplusplus
extern "C" {
#endif

struct sobremesa_elevation_request {
    const char* file;
    double latitude_deg;
    double longitude_deg;
    /* So far around that place to each side, m. */
    double half_m;
    /* More cells than this are taken together, the highest of them for all. */
    double most_cells;
    /* Nodes along each side of an even grid over that square. */
    int nodes;
    /* Gain the raster's cell at each node, counted from the middle of the first cell that is kept. */
    double* node_column;
    double* node_row;
    /* Asked once for room for the heights above sea level, m, row by row; NaN where the raster says nothing. */
    float* (*room)(void* holder, int columns, int rows);
    void* holder;
    /* Gains how many cells of the file, along each side, one cell stands for. */
    int pooled;
};

/* 0: done. */
typedef int (*sobremesa_read_elevation_function)(struct sobremesa_elevation_request*);
int sobremesa_read_elevation(struct sobremesa_elevation_request* request);

#ifdef __cplusplus
}
#endif

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
    /* The grid around that place: its south-west point, its step, its size. */
    double west_m;
    double south_m;
    double step_m;
    int columns;
    int rows;
    /* Gains the heights above sea level, m, row by row from the south; NaN where the raster says nothing. */
    float* height_m;
};

/* 0: done. */
typedef int (*sobremesa_read_elevation_function)(const struct sobremesa_elevation_request*);
int sobremesa_read_elevation(const struct sobremesa_elevation_request* request);

#ifdef __cplusplus
}
#endif

/* The inner loop that paints a bent drawing: textured triangles, every pixel once a triangle that it lies in, no cracks between them.

   Colours are 32 bits with premultiplied alpha, as QImage keeps them. Made into triangles.wasm by `make wasm`. */

typedef unsigned int colour;
typedef long long whole;
typedef struct { double x, y; } point;

static const colour EVEN = 0x00FF00FFu, ODD = 0xFF00FF00u, HALF = 0x00800080u; /* of four colour bytes every other one */
static const double FINE = 65536.0;                                            /* steps in a texel */

/* Two colours mixed, `share` of 256 of the other. */
static inline colour mixed(colour one, colour other, colour share) {
    colour rest = 256 - share;
    colour even = (((one & EVEN) * rest + (other & EVEN) * share) >> 8) & EVEN;
    colour odd = (((one >> 8) & EVEN) * rest + ((other >> 8) & EVEN) * share) & ODD;
    return even | odd;
}

/* `share` of 255 of a colour: divided by a multiplication and shifts. */
static inline colour faded(colour one, colour share) {
    colour even = (one & EVEN) * share + HALF;
    even = ((even + ((even >> 8) & EVEN)) >> 8) & EVEN;
    colour odd = ((one >> 8) & EVEN) * share + HALF;
    odd = (odd + ((odd >> 8) & EVEN)) & ODD;
    return even | odd;
}

/* The pixels of a row from `first` to before `last`, from the texel `start` on, by `step` from pixel to pixel. */
static void paint_row(colour *line, const colour *source, int high, int wide, int first, int last, point start, point step) {
    whole u = (whole)((start.x - 0.5) * FINE), v = (whole)((start.y - 0.5) * FINE);
    whole step_u = (whole)(step.x * FINE), step_v = (whole)(step.y * FINE);
    for (int x = first; x < last; x++, u += step_u, v += step_v) {
        whole column = u >> 16, row = v >> 16;
        if (column < 0 || column >= wide - 1 || row < 0 || row >= high - 1) continue;
        colour across = (colour)(u >> 8) & 255, down = (colour)(v >> 8) & 255;
        const colour *upper = source + (int)row * wide + (int)column, *lower = upper + wide;
        colour here = mixed(mixed(upper[0], upper[1], across), mixed(lower[0], lower[1], across), down);
        colour alpha = here >> 24;
        if (alpha == 255)
            line[x] = here;
        else if (alpha)
            line[x] = here + faded(line[x], 255 - alpha);
    }
}

static inline int below(const point *places, int one, int other) {
    return places[other].y < places[one].y || (places[other].y == places[one].y && places[other].x < places[one].x);
}

static inline int most(int one, int other) { return one > other ? one : other; }
static inline int least(int one, int other) { return one < other ? one : other; }
static inline int pixel(double edge) { return (int)__builtin_ceil(edge - 0.5); }

/* Paint `count` triangles over `target` (rows, columns) from `source` (high, wide), whose pixels are taken smoothly.
   `places` are the vertices in pixels of the target, `texels` in those of the source. */
__attribute__((export_name("fill"))) void fill(
    colour *target, int rows, int columns, const colour *source, int high, int wide, const point *places, const point *texels,
    const int *triangles, int count) {
    for (int i = 0; i < count; i++) {
        int i1 = triangles[3 * i], i2 = triangles[3 * i + 1], i3 = triangles[3 * i + 2], kept;
        /* From top to bottom, so that two triangles that share an edge cut it at the same places. */
        if (below(places, i1, i2)) kept = i1, i1 = i2, i2 = kept;
        if (below(places, i2, i3)) kept = i2, i2 = i3, i3 = kept;
        if (below(places, i1, i2)) kept = i1, i1 = i2, i2 = kept;
        point a = places[i1], b = places[i2], c = places[i3];
        double bx = b.x - a.x, by = b.y - a.y, cx = c.x - a.x, cy = c.y - a.y, area = bx * cy - by * cx;
        if (__builtin_fabs(area) < 1e-12) continue;
        point t = texels[i1];
        double ub = texels[i2].x - t.x, vb = texels[i2].y - t.y, uc = texels[i3].x - t.x, vc = texels[i3].y - t.y;
        point right = {(ub * cy - uc * by) / area, (vb * cy - vc * by) / area};
        point down = {(uc * bx - ub * cx) / area, (vc * bx - vb * cx) / area};
        for (int y = most(pixel(a.y), 0), end = least(pixel(c.y), rows); y < end; y++) {
            double at = y + 0.5;
            double far = a.x + (c.x - a.x) * ((at - a.y) / (c.y - a.y));
            double near = at < b.y ? a.x + (b.x - a.x) * ((at - a.y) / (b.y - a.y))
                                   : b.x + (c.x - b.x) * ((at - b.y) / (c.y - b.y));
            int first = most(pixel(far < near ? far : near), 0), last = least(pixel(far < near ? near : far), columns);
            if (first >= last) continue;
            double x = first + 0.5 - a.x, lower = at - a.y;
            point start = {t.x + right.x * x + down.x * lower, t.y + right.y * x + down.y * lower};
            paint_row(target + y * columns, source, high, wide, first, last, start, right);
        }
    }
}

"""SciPy's conjugate gradients on the equations that the field solves: a solid bar of bricks, clamped at one end.

Reads {"counts", "size", "modulusMPa", "poisson", "forceN"} from standard input and writes {"seconds", "iterations",
"deflectionMm"}. The brick has eight nodes and incompatible modes (Taylor, Beresford and Wilson 1976), condensed.
"""
import json
import sys
import time

import numpy as np
from scipy.sparse import coo_matrix, diags
from scipy.sparse.linalg import cg

asked = json.load(sys.stdin)
nx, ny, nz = asked["counts"]
size = np.array(asked["size"])
E, nu = asked["modulusMPa"], asked["poisson"]

C = np.zeros((6, 6))
C[:3, :3] = nu
C[range(3), range(3)] = 1 - nu
C *= E / ((1 + nu) * (1 - 2 * nu))
C[range(3, 6), range(3, 6)] = E / (2 * (1 + nu))

corners = np.array([[2 * (a >> k & 1) - 1 for k in range(3)] for a in range(8)])
g = 1 / np.sqrt(3)


def strain(slopes):
    """Rows xx, yy, zz, yz, xz, xy of shapes with the given slopes along x, y and z."""
    B = np.zeros((6, 3 * len(slopes)))
    for a, (x, y, z) in enumerate(slopes):
        B[0, 3 * a], B[1, 3 * a + 1], B[2, 3 * a + 2] = x, y, z
        B[3, 3 * a + 1], B[3, 3 * a + 2] = z, y
        B[4, 3 * a], B[4, 3 * a + 2] = z, x
        B[5, 3 * a], B[5, 3 * a + 1] = y, x
    return B


K, L, M = np.zeros((24, 24)), np.zeros((9, 24)), np.zeros((9, 9))
for at in [np.array([i, j, k]) * g for i in (-1, 1) for j in (-1, 1) for k in (-1, 1)]:
    factors = (1 + corners * at) / 2
    slopes = np.stack(
        [corners[:, k] / 2 * np.prod(np.delete(factors, k, 1), 1) * 2 / size[k] for k in range(3)], 1
    )
    bubbles = np.diag(-2 * at * 2 / size)
    B, G = strain(slopes), strain(bubbles)
    volume = np.prod(size) / 8
    K += volume * B.T @ C @ B
    L += volume * G.T @ C @ B
    M += volume * G.T @ C @ G
K -= L.T @ np.linalg.solve(M, L)

low = (np.arange(nx)[:, None, None] + (nx + 1) * (np.arange(ny)[:, None] + (ny + 1) * np.arange(nz))).ravel()
steps = np.array([(a & 1) + (nx + 1) * ((a >> 1 & 1) + (ny + 1) * (a >> 2 & 1)) for a in range(8)])
dof = (3 * (low[:, None] + steps)[:, :, None] + np.arange(3)).reshape(len(low), 24)
n = 3 * (nx + 1) * (ny + 1) * (nz + 1)
A = coo_matrix(
    (np.tile(K.ravel(), len(low)), (np.repeat(dof, 24, 1).ravel(), np.tile(dof, (1, 24)).ravel())), (n, n)
).tocsr()

node = np.arange(n // 3)
free = np.repeat(node % (nx + 1) > 0, 3)
end = node[node % (nx + 1) == nx]
y, z = end // (nx + 1) % (ny + 1), end // ((nx + 1) * (ny + 1))
share = np.where((y == 0) | (y == ny), 0.5, 1) * np.where((z == 0) | (z == nz), 0.5, 1) / (ny * nz)
f = np.zeros(n)
f[3 * end + 2] = asked["forceN"] * share

A, b = A[free][:, free], f[free]
steps_taken = 0


def count(_):
    global steps_taken
    steps_taken += 1


began = time.perf_counter()
u, _ = cg(A, b, rtol=1e-6, maxiter=20000, M=diags(1 / A.diagonal()), callback=count)
seconds = time.perf_counter() - began
moved = np.zeros(n)
moved[free] = u
print(json.dumps({"seconds": seconds, "iterations": steps_taken, "deflectionMm": float(moved[3 * end + 2] @ share)}))

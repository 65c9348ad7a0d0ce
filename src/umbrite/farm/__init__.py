"""Work in pieces: by this process, by several, or by the machines of a cluster, with equal results."""

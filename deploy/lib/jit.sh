# PHP's just-in-time compiler. Its own limits are used up by the framework before the computation is looked at:
# with them, nothing is gained at all.
JIT=(-d opcache.jit=tracing -d opcache.jit_buffer_size=192M -d opcache.jit_max_root_traces=50000
    -d opcache.jit_max_side_traces=50000 -d opcache.jit_max_exit_counters=200000)

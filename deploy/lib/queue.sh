# The workers of the queue, behind everybody's readings, and the process that tells watchers what is new: each begun again a
# second after it ended, whatever ended it.

# How many of them: what takes long goes two at a time.
QUEUE_WORKERS=2

# runs PID: whether it still runs. One that ended and that nobody has asked about yet does not, though it keeps its number.
runs() {
    local line
    { read -r line <"/proc/$1/stat"; } 2>/dev/null || return 1
    line=${line##*) }
    [ "${line%% *}" != Z ]
}

# ended PID: waits for its end, 5 s at most.
ended() { for _ in $(seq 100); do runs "$1" || break; sleep 0.05; done; }

# kept_down PART RUN: what is kept up ends, with whoever keeps it up.
kept_down() {
    local pid
    [ -f "$2/$1.pid" ] || return 0
    pid=$(cat "$2/$1.pid")
    # Whoever watches over them goes first: it would begin them again.
    kill -TERM "$pid" 2>/dev/null || true
    for _ in $(seq 50); do pgrep -s "$pid" -r D,I,R,S,T >/dev/null || break; sleep 0.1; done
    pkill -KILL -s "$pid" 2>/dev/null || true
    rm -f "$2/$1.pid"
}

# queue_down RUN: what they were at goes back to those that wait.
queue_down() {
    [ -f "$1/queue.pid" ] || return 0
    kept_down queue "$1"
    rm -f "$1"/storage/workers/*
}

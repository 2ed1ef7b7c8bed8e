# Sourced: start_display WIDTHxHEIGHT sets DISPLAY to a virtual screen of its own; stop_display ends it.
virtual_display_pid=
virtual_runtime_dir=
start_display() {
    local number_file
    number_file=$(mktemp)
    Xvfb -displayfd 3 -screen 0 "$1x24" -dpi 96 -nolisten tcp 3> "$number_file" 2> /dev/null &
    virtual_display_pid=$!
    for _ in $(seq 100); do
        [ -s "$number_file" ] && break
        kill -0 "$virtual_display_pid" 2> /dev/null || { echo "Xvfb did not start" >&2; return 1; }
        sleep 0.1
    done
    DISPLAY=:$(cat "$number_file")
    export DISPLAY
    rm -f "$number_file"
    [ -n "${XDG_RUNTIME_DIR:-}" ] || { XDG_RUNTIME_DIR=$(mktemp -d); virtual_runtime_dir=$XDG_RUNTIME_DIR; export XDG_RUNTIME_DIR; }
}
stop_display() {
    [ -z "$virtual_display_pid" ] || kill "$virtual_display_pid" 2> /dev/null || true
    virtual_display_pid=
    [ -z "$virtual_runtime_dir" ] || rm -rf "$virtual_runtime_dir"
}

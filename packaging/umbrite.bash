# Completion of umbrite in bash; made by `make man` from the command line's own parser.
_umbrite() {
    local here=${COMP_WORDS[COMP_CWORD]} command=${COMP_WORDS[1]} options=""
    COMPREPLY=()
    if [ "$COMP_CWORD" -eq 1 ]; then
        COMPREPLY=($(compgen -W "pose poses joints limits thumbnail check workout build transfer render takes transforms convert atlas sound device schema help --help --version" -- "$here") $(compgen -f -- "$here"))
        return
    fi
    case $command in
        pose) options="--help --set --json --pose --take --frame --png --svg --ora --csv --quiet" ;;
        poses) options="--help --json --quiet" ;;
        joints) options="--help --json --quiet" ;;
        limits) options="--help --json --quiet" ;;
        thumbnail) options="--help --size --quiet" ;;
        check) options="--help --json --workers --cluster --resume --quiet" ;;
        workout) options="--help --json --sheet --workers --cluster --resume --quiet" ;;
        build) options="--help --plan --json --workers --cluster --resume --quiet" ;;
        transfer) options="--help --json --quiet" ;;
        render) options="--help --take --as --frames --scale --background --workers --cluster --resume --quiet" ;;
        takes) options="--help --json --quiet" ;;
        transforms) options="--help --take --from --as --quiet" ;;
        convert) options="--help --as --take --bake --visibility --merged --workers --cluster --resume --quiet" ;;
        atlas) options="--help --take --frames --scale --largest --hash --quiet" ;;
        sound) options="--help --take --at --words --mouth --by-loudness --quiet" ;;
        device) options="--help --port --script --quiet" ;;
        schema) options="--help --quiet" ;;
        help) options="--help --quiet" ;;
    esac
    case $command:${COMP_WORDS[COMP_CWORD-1]} in
        *:--take) _umbrite_of takes 's/: frames -\{0,1\}[0-9].*//p' "$here"; return ;;
        *:--pose) _umbrite_of poses 's/: [0-9]* channels.*//p' "$here"; return ;;
        schema:*) COMPREPLY=($(compgen -W "puppet plan pose joints limits poses takes transforms atlas check workout build transfer" -- "$here")); return ;;
        *:--plan) _umbrite_lines "Biped
Bird
Hand
Head alone
Many-legged
Quadruped
Serpent
Swimmer
Tentacled" "$here"; COMPREPLY+=($(compgen -f -- "$here")); return ;;
        convert:--as) COMPREPLY=($(compgen -W "png svg ora csv json glb gltf" -- "$here")); return ;;
        render:--as) COMPREPLY=($(compgen -W "webm mp4 mov gif apng webp" -- "$here")); return ;;
    esac
    if [[ $here == -* ]]; then
        COMPREPLY=($(compgen -W "$options" -- "$here"))
    elif [ "$command" = help ]; then
        COMPREPLY=($(compgen -W "pose poses joints limits thumbnail check workout build transfer render takes transforms convert atlas sound device schema help" -- "$here"))
    else
        COMPREPLY=($(compgen -f -- "$here"))
    fi
}
_umbrite_lines() {  # names, a line each, which may have blanks; never through compgen -W, which would carry out what they say
    local line
    COMPREPLY=()
    while read -r line; do
        [[ -n $line && $line == "$2"* ]] && COMPREPLY+=("$line")
    done <<< "$1"
}
_umbrite_of() {  # what a command tells of the first puppet that is named
    local word
    for word in "${COMP_WORDS[@]:2}"; do
        if [[ $word == *.umbrite && -f $word ]]; then
            _umbrite_lines "$(${COMP_WORDS[0]} "$1" "$word" 2>/dev/null | sed -n "$2")" "$3"
            return
        fi
    done
}
complete -o filenames -F _umbrite umbrite

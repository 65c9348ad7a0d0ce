# Completion of umbrite in bash; made by `make man` from the command line's own parser.
_umbrite() {
    local here=${COMP_WORDS[COMP_CWORD]} command=${COMP_WORDS[1]} options=""
    COMPREPLY=()
    if [ "$COMP_CWORD" -eq 1 ]; then
        COMPREPLY=($(compgen -W "pose check workout joints limits convert thumbnail build transfer render takes transforms atlas schema help --help --version" -- "$here") $(compgen -f -- "$here"))
        return
    fi
    case $command in
        pose) options="--help --set --json --pose --take --frame --png --svg --ora --csv --quiet" ;;
        check) options="--help --json --quiet" ;;
        workout) options="--help --json --sheet --quiet" ;;
        joints) options="--help --json --quiet" ;;
        limits) options="--help --json --quiet" ;;
        convert) options="--help --take --bake --visibility --quiet" ;;
        thumbnail) options="--help --size --quiet" ;;
        build) options="--help --plan --json --quiet" ;;
        transfer) options="--help --json --quiet" ;;
        render) options="--help --take --frames --scale --background --quiet" ;;
        takes) options="--help --json --quiet" ;;
        transforms) options="--help --take --from --as --quiet" ;;
        atlas) options="--help --take --frames --scale --largest --quiet" ;;
        schema) options="--help --quiet" ;;
        help) options="--help --quiet" ;;
    esac
    if [[ $here == -* ]]; then
        COMPREPLY=($(compgen -W "$options" -- "$here"))
    elif [ "$command" = help ]; then
        COMPREPLY=($(compgen -W "pose check workout joints limits convert thumbnail build transfer render takes transforms atlas schema help" -- "$here"))
    else
        COMPREPLY=($(compgen -f -- "$here"))
    fi
}
complete -o filenames -F _umbrite umbrite

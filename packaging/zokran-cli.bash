# Completion of zokran-cli for bash: verbs, then the options the verb itself tells of, then files.
_zokran_cli() {
    local word=${COMP_WORDS[COMP_CWORD]}
    if [ "$COMP_CWORD" -eq 1 ]; then
        local verbs
        verbs=$(zokran-cli --help 2>/dev/null | sed -n '/^Subcommands:/,$s/^  \([a-z-]*\) .*/\1/p')
        mapfile -t COMPREPLY < <(compgen -W "$verbs --help --version" -- "$word")
    elif [[ $word == -* ]]; then
        local options
        options=$(zokran-cli "${COMP_WORDS[1]}" --help 2>/dev/null | grep -oE -- '(^| |,)--?[a-z][a-z-]*' | tr -d ' ,')
        mapfile -t COMPREPLY < <(compgen -W "$options" -- "$word")
    else
        mapfile -t COMPREPLY < <(compgen -f -- "$word")
    fi
}
complete -o filenames -F _zokran_cli zokran-cli

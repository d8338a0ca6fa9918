# To be sourced by the scripts: the project's own Node comes first, if there is one.
node_is_new_enough() { node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)' 2>/dev/null; }
if [ -x .isokinet/node/node ]; then PATH="$PWD/.isokinet/node:$PATH"; fi
export PATH

// What stands for TypeBox in the page. Schemas are read when validators are compiled, on the server and by tests; the page has the compiled
// validators and reads none, so building them, and the builder, would only cost time: everything is nothing, whatever is asked of it.
const nothing = new Proxy(() => nothing, { get: () => nothing, apply: () => nothing });
exports.Type = nothing;

/**
 * Stands in for parts of libraries that no page of ours shows (the router's stacks, tabs, headers, link previews and
 * site map; the web's lists, switches and pickers): whatever is asked of it by name, it gives
 * itself. It can be neither waited for nor gone through.
 */
const nothing = new Proxy(function nothing() {}, {
  get: (_, key) => (key === '__esModule' ? true : typeof key === 'symbol' || key === 'then' ? undefined : nothing),
  apply: () => nothing,
  construct: () => nothing,
});
module.exports = nothing;

/**
 * Stands in for parts of the router that no page of ours shows (stacks, tabs, headers, link previews, the site map):
 * whatever is asked of it by name, it gives itself. It can be neither waited for nor gone through.
 */
const nothing = new Proxy(function nothing() {}, {
  get: (_, key) => (key === '__esModule' ? true : typeof key === 'symbol' || key === 'then' ? undefined : nothing),
  apply: () => nothing,
  construct: () => nothing,
});
module.exports = nothing;

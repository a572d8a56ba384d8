// Screens of phones’ own; the router only sets their flags at a start.
exports.featureFlags = { experiment: {} }

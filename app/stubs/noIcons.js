module.exports = { default: () => null }

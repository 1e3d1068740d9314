/**
 * Stands in for the router's tab bar, which we do not use: its error screens only ask how high one is, and there is
 * none. See docs/decisions/020.
 */
const { createContext } = require('react');

exports.BottomTabBarHeightContext = createContext(undefined);

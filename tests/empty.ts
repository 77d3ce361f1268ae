const nothing = {};
export default nothing;

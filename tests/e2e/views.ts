const CULTURE_VIEWS = 'grusa grusa/series grusa/about burr drift lees frozen/F-S1 new'
  .split(' ')
  .map((path) => `/cultures/${path}`);
/** Every view of the demo shop, and one that there is none of. */
export const VIEWS = [
  '/',
  '/day',
  '/bakes/new',
  '/plan',
  '/hands',
  ...CULTURE_VIEWS,
  '/doughs',
  '/doughs/start-poolish-two-days',
  '/doughs/start-one-dough-three',
  '/doughs/check',
  '/doughs/flours',
  '/log',
  '/learned',
  '/log?q=grusa',
  '/compare',
  '/compare?bake=demo-00282&bake=demo-00346',
  '/bakes/demo-00346',
  '/records',
  '/records/sheets',
  '/practice',
  '/try',
  '/shop',
  '/labels',
  '/lots/F-S1/label',
  '/lots/C-D6/lineage',
  '/lots/S-G21',
  '/lots/P1128-1',
  '/nowhere',
];

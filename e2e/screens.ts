/** A screen of the example house: what it is, its address, and how its heading begins. */
export type Screen = readonly [name: string, path: string, heading: string];

/** Every screen, by rooms: each room is one visit. */
export const rooms: Readonly<Record<string, readonly Screen[]>> = {
  'the book': [
    ['welcome', '/', 'Blend essential oils for skin'],
    ['blends', '/blends', 'Blends'],
    ['the sheet', '/blends/prompt-desk', 'Prompt desk'],
    ['a melt', '/blends/curtain-call', 'Curtain call'],
    ['a jar of grains', '/blends/get-out', 'Get-out'],
    ['carriers compared', '/blends/stage-left/carriers', 'Carriers for Stage left'],
    ['oils to choose', '/blends/stage-left/oils', 'Oils for Stage left'],
    ['a blend shared', '/blends/prompt-desk/share', 'Share Prompt desk'],
    ['a recipe read over', '/read', 'Read a recipe'],
    ['a card', '/blends/curtain-call/card', 'Card of Curtain call'],
    ['the book as a list', '/blends?look=list&tag=gifts', 'Blends'],
  ],
  'the bench': [
    ['a bench that is closed', '/make/batch-curtain-call', 'Finished: Curtain call'],
    ['before the bench', '/blends/prompt-desk/make', 'Before you make Prompt desk'],
    ['the bench', '/make/batch-prompt-desk', 'Making: Prompt desk'],
    ['today', '/today', 'Today'],
  ],
  'the log': [
    ['the log', '/batches', 'Batches'],
    ['plans', '/plans', 'Plans'],
    ['a plan', '/plans/plan-interval-table', 'Interval table'],
    ['a batch', '/batches/batch-after-the-lift', 'After the lift, batch'],
    ['the label', '/batches/batch-raffle-table/label', 'Label: Raffle table'],
    ['for sale', '/batches/batch-raffle-table/for-sale', 'For sale: Raffle table'],
    [
      'the assessor’s sheet',
      '/batches/batch-raffle-table/for-sale/sheet',
      'For the assessor: Raffle table',
    ],
    ['a recall', '/recall?batch=batch-raffle-table', 'Batches from the same bottles as'],
  ],
  'people and versions': [
    ['versions', '/blends/prompt-desk/versions', 'Versions of Prompt desk'],
    ['people', '/people', 'People'],
    ['a person', '/people/bettina', 'Bettina'],
    ['people and blends', '/people/blends', 'Who can use what'],
    ['one for each', '/blends/prompt-desk/family', 'Prompt desk, one for each'],
    ['who can use it', '/blends/prompt-desk/who', 'Who can use Prompt desk'],
  ],
  'the shelf': [
    ['the shelf', '/shelf', 'Shelf'],
    ['dates', '/shelf/dates', 'Dates'],
    ['bottles out of a table', '/shelf/import', 'Import bottles'],
    ['the shopping list', '/shelf/shopping', 'Shopping list'],
    ['a bottle', '/shelf/sandalwood-1', 'Sandalwood, East Indian'],
    ['a container of one’s own', '/shelf/containers/new', 'New container'],
  ],
  materials: [
    ['an oil', '/materials/bergamot', 'Bergamot, expressed'],
    ['a base', '/materials/beeswax_white', 'Beeswax'],
    ['what must never go on skin', '/materials/sassafras', 'Sassafras'],
    ['a material of one’s own', '/materials/new/ready-made', 'A ready-made blend'],
  ],
  'the rest of the house': [
    ['the handbook', '/handbook', 'Handbook'],
    ['a chapter with charts', '/handbook#dilution', 'Handbook'],
    ['settings', '/settings', 'Settings'],
    ['an unknown address', '/nowhere', 'Page not found'],
  ],
};

// Zod looks once whether it may compile code, by trying: a content security policy as strict as ours
// reports that as an error on every page. It reads this before it looks.
(globalThis as { __zod_globalConfig?: { jitless: boolean } }).__zod_globalConfig = {
  jitless: true,
};

export {};

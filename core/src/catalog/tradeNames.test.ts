import { expect, test } from 'vitest';
import { forbiddenBehind, forbiddenNamed } from './forbidden';
import { basesNamed, oilsNamed } from './names';
import { searchBases, searchOils } from './search';
import { shippedCatalog } from './catalog';

// Names as bottles, price lists and makers have them: each leads to what it is, first in the list, or
// to what it never may be.

/** A name, and the id that it leads to. */
const oils = `
Lavender Essential Oil|lavender
LAVANDULA ANGUSTIFOLIA|lavender
true lavender|lavender
English lavender|lavender
lavender, spike|lavender-spike
spike lavender|lavender-spike
Lavandula latifolia|lavender-spike
lavandin grosso|lavandin
Tea Tree|tea-tree
tea-tree|tea-tree
Melaleuca alternifolia|tea-tree
TTO|tea-tree
Peppermint oil|peppermint
Mentha piperita|peppermint
Mentha × piperita|peppermint
spear mint|spearmint
Mentha spicata|spearmint
corn mint|cornmint
Mentha arvensis|cornmint
Eucalyptus globulus|eucalyptus-globulus
blue gum|eucalyptus-globulus
Eucalyptus radiata|eucalyptus-radiata
narrow-leaved eucalyptus|eucalyptus-radiata
lemon eucalyptus|eucalyptus-lemon
Corymbia citriodora|eucalyptus-lemon
gully gum|eucalyptus-smithii
Frankincense|frankincense
olibanum|frankincense
Boswellia carterii|frankincense
Boswellia serrata|frankincense-serrata
Indian frankincense|frankincense-serrata
myrrh|myrrh
Commiphora myrrha|myrrh
Bergamot FCF|bergamot-fcf
bergapten-free bergamot|bergamot-fcf
sweet orange|orange-sweet
orange, sweet|orange-sweet
Lavender EO|lavender
100 % pure organic lavender oil|lavender
blood orange|blood-orange
bitter orange|bitter-orange
distilled lime|lime-distilled
lime distilled|lime-distilled
cold pressed lime|lime
distilled lemon|lemon-distilled
pink grapefruit|grapefruit
Citrus paradisi|grapefruit
red mandarin|mandarin
tangerine|tangerine
petit grain|petitgrain
petitgrain bigarade|petitgrain
neroli|neroli
orange blossom|neroli
Ylang-Ylang|ylang-ylang
ylang ylang complete|ylang-ylang
Roman chamomile|chamomile-roman
chamomile, Roman|chamomile-roman
Anthemis nobilis|chamomile-roman
German chamomile|chamomile-german
blue chamomile|chamomile-german
Matricaria recutita|chamomile-german
clary|clary-sage
Salvia sclarea|clary-sage
Dalmatian sage|sage-dalmatian
Spanish sage|sage-spanish
rosemary ct cineole|rosemary-cineole
rosemary ct. camphor|rosemary-camphor
rosemary verbenone|rosemary-verbenone
thyme ct linalool|thyme-linalool
thyme ct thymol|thyme-thymol
red thyme|thyme-thymol
sweet basil|basil-linalool
exotic basil|basil-estragole
tulsi|holy-basil
sweet marjoram|marjoram-sweet
Origanum majorana|marjoram-sweet
oregano|oregano
geranium|geranium
rose geranium|geranium
Pelargonium graveolens|geranium
rose otto|rose-otto
Rosa damascena|rose-otto
rose absolute|rose-absolute
jasmine absolute|jasmine-absolute
vetiver|vetiver
vetivert|vetiver
khus|vetiver
patchouli|patchouli
patchouly|patchouli
Pogostemon cablin|patchouli
Atlas cedarwood|cedarwood-atlas
cedarwood, Atlas|cedarwood-atlas
Cedrus atlantica|cedarwood-atlas
Virginian cedarwood|cedarwood-virginian
Juniperus virginiana|cedarwood-virginian
Texas cedarwood|cedarwood-texas
Himalayan cedarwood|cedarwood-himalayan
juniper berry|juniper-berry
Juniperus communis|juniper-berry
cypress|cypress
Cupressus sempervirens|cypress
Scots pine|pine-scots
Pinus sylvestris|pine-scots
silver fir|fir-silver
balsam fir|fir-balsam
Siberian fir|fir-siberian
cardamon|cardamom
cardamom|cardamom
Elettaria cardamomum|cardamom
ginger|ginger
Zingiber officinale|ginger
black pepper|black-pepper
Piper nigrum|black-pepper
pink pepper|pink-pepper
clove bud|clove-bud
cloves|clove-bud
cinnamon leaf|cinnamon-leaf
cinnamon bark|cinnamon-bark
cassia|cassia
nutmeg|nutmeg
coriander seed|coriander-seed
cilantro|coriander-leaf
caraway|caraway
cumin|cumin
sweet fennel|fennel-sweet
aniseed|anise
star anise|star-anise
lemongrass|lemongrass
lemon grass|lemongrass
citronella|citronella-java
palmarosa|palmarosa
may chang|litsea
litsea cubeba|litsea
lemon verbena|lemon-verbena
lemon balm|melissa
melissa|melissa
helichrysum|helichrysum
immortelle|helichrysum
everlasting|helichrysum
blue tansy|tansy-blue
yarrow|yarrow-blue
Achillea millefolium|yarrow-blue
cajeput|cajuput
cajuput|cajuput
niaouli|niaouli
manuka|manuka
kanuka|kanuka
rosalina|rosalina
ravintsara|ravintsara
ho wood|ho-wood
rosewood|rosewood
bois de rose|rosewood
Indian sandalwood|sandalwood-east-indian
Santalum album|sandalwood-east-indian
Australian sandalwood|sandalwood-australian
Santalum spicatum|sandalwood-australian
benzoin resinoid|benzoin
copaiba balsam|copaiba
elemi|elemi
galbanum|galbanum
opopanax|opopanax
spikenard|spikenard
angelica root|angelica-root
carrot seed|carrot-seed
dill weed|dill-weed
hyssop|hyssop
tarragon|tarragon
wintergreen|wintergreen
sweet birch|birch-sweet
laurel leaf|laurel-leaf
bay laurel|laurel-leaf
West Indian bay|bay-west-indian
`;

const bases = `
jojoba|jojoba
Jojoba Oil|jojoba
Simmondsia chinensis|jojoba
sweet almond|sweet_almond
sweet almond oil|sweet_almond
Prunus amygdalus dulcis|sweet_almond
fractionated coconut|fractionated_coconut
fractionated coconut oil|fractionated_coconut
MCT oil|fractionated_coconut
caprylic/capric triglyceride|fractionated_coconut
virgin coconut oil|coconut_virgin
shea|shea_butter
shea butter|shea_butter
cocoa butter|cocoa_butter
mango butter|mango_butter
apricot kernel oil|apricot_kernel
rosehip oil|rosehip_seed
rose hip seed oil|rosehip_seed
argan oil|argan
avocado oil|avocado
castor oil|castor
grapeseed oil|grapeseed
grape seed oil|grapeseed
hemp seed oil|hemp_seed
evening primrose oil|evening_primrose
olive oil|olive
sesame oil|sesame
squalane|squalane
vitamin E|vitamin_e
tocopherol|vitamin_e
lanolin|lanolin
candelilla wax|candelilla_wax
carnauba wax|carnauba_wax
aloe vera gel|aloe_vera_gel
Epsom salts|epsom_salt
polysorbate 20|polysorbate_20
`;

const never = `
bitter almond|bitter-almond
mugwort|mugwort
pennyroyal|pennyroyal
rue|rue
wormwood|wormwood
sassafras|sassafras
thuja|thuja
tansy oil|tansy
pure organic tansy essential oil|tansy
savin|savin
calamus|calamus
boldo|boldo
horseradish|horseradish
`;

const rows = (text: string): readonly (readonly [string, string])[] =>
  text
    .trim()
    .split('\n')
    .map((line) => line.split('|') as [string, string]);

const wrong = (
  list: readonly (readonly [string, string])[],
  find: (name: string) => readonly { readonly id: string }[],
): readonly string[] =>
  list.flatMap(([name, id]) => {
    const found = find(name).map((material) => material.id);
    return found[0] === id
      ? []
      : [`${name}: ${found.slice(0, 3).join(', ') || 'nothing'}, not ${id}`];
  });

test('two hundred names of the trade lead to what they are', () => {
  expect(rows(oils).length + rows(bases).length + rows(never).length).toBeGreaterThan(200);
  expect(wrong(rows(oils), (name) => searchOils(shippedCatalog, name))).toEqual([]);
  expect(wrong(rows(bases), (name) => searchBases(shippedCatalog, name))).toEqual([]);
});

test('what never goes on skin is found by its names, and offered by none', () => {
  const found = rows(never).flatMap(([name, id]) => {
    const material = forbiddenBehind({ name }, () => false) ?? forbiddenNamed(name);
    const offSkin = searchOils(shippedCatalog, name).some(({ keepOffSkin }) => keepOffSkin);
    return material || offSkin ? [] : [`${name}: nothing, not ${id}`];
  });
  expect(found).toEqual([]);
  const offered = rows(never).filter(([name]) =>
    searchOils(shippedCatalog, name).some(({ keepOffSkin }) => !keepOffSkin),
  );
  expect(offered).toEqual([]);
});

test('every name in the library finds its own, in any case, with hyphens and accents', () => {
  const lost = [...shippedCatalog.oils, ...shippedCatalog.bases].filter(({ id, name }) => {
    const ways = [name, name.toUpperCase(), name.replace(/[ ,]+/g, '-'), name.replace(/e/g, 'é')];
    return !ways.every((way) =>
      [...oilsNamed(shippedCatalog, way), ...basesNamed(shippedCatalog, way)].some(
        (material) => material.id === id,
      ),
    );
  });
  expect(lost.map(({ name }) => name)).toEqual([]);
});

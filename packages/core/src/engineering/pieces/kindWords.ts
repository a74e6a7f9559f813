import type { ArchetypeKey } from './Archetype.ts';

/**
 * Words of a title by which a kind is known, one of each; several of it are known too, and names of two words with a hyphen.
 * Common practice, no source.
 */
export const KIND_WORDS: Readonly<Record<ArchetypeKey, string>> = {
  denseGlass: 'paperweight stone marble prism slab lens-blank kaleidoscope bookend obelisk onyx geode alabaster soapstone fossil mineral',
  resinWood: 'wood wooden resin oak carved bakelite treen mask puppet decoy nutcracker stool walking-stick cane toy',
  compactCeramic:
    'bowl vase pot crock jar dial tile ceramic porcelain stoneware dish ramekin plate saucer platter planter casserole pottery canister dinner-set dinner-service bust salt-shaker pepper-shaker salt-cellar cookie-jar',
  handledWare:
    'jug urn teapot pitcher mug ewer kettle cup tankard teacup coffeepot coffee-pot creamer stein tureen gravy-boat tea-set coffee-set',
  blownGlass:
    'glass glasses float flask bottle storm decanter goblet apothecary wine-glass champagne-flute stemware carafe bauble neon-sign thermometer test-tube beaker vial snifter light-bulb',
  pressedGlass:
    'pressed compote celery salver tumbler sundae cut-glass crystal ashtray cake-stand headlight butter-dish candy-dish punch-bowl',
  thinFigure:
    'figure figurine head statuette plaster doll statue sculpture coral seashell sea-shell angel shepherdess ballerina taxidermy guitar ukulele mandolin banjo lute model-ship model-boat ship-model',
  globeShade: 'shade globe dome bell-jar lampshade lamp-shade lamp-chimney cloche',
  glazedFlat:
    'picture mirror framed print pane photograph fern watercolour watercolor painting engraving etching lithograph sampler looking-glass negative ambrotype daguerreotype lantern-slide glass-slide glass-panel window',
  fineMetal:
    'lathe gauge micrometer brass lamp level caliper vernier candlestick candelabra lantern trophy inkwell reel fountain-pen chandelier sconce',
  machinedCasting:
    'casting pump cylinder-head flywheel lathe-bed bearing manifold carburettor engine crankshaft camshaft gearbox sewing-machine',
  brassHorn: 'horn trumpet cornet bugle tuba foghorn trombone saxophone',
  tubularFrame: 'wheel wheeled bicycle barrow trolley frame pram tricycle',
  boxedElectronics:
    'radio receiver amplifier electronic console turntable record-player telephone tape-deck cassette-deck speaker synthesizer oscilloscope multimeter television printer computer laptop hard-drive',
  clockwork:
    'clock orrery scale balance barograph metronome music-box watch typewriter adding-machine cash-register gramophone phonograph automaton',
  optics:
    'telescope microscope camera binoculars sextant lens rangefinder projector opera-glass spyglass theodolite eyepiece loupe magic-lantern',
  casedInstrument: 'barometer case cased instrument chronometer',
  boxedSet: 'set hydrometers boxed cutlery chess-set train-set drawing-set',
  boxedGoods: 'mixer toaster blender iron-boxed utensils waffle-iron coffee-maker food-processor board-game jigsaw',
  shoes: 'shoe boot sneaker trainer sandal loafer slipper',
  paperGoods: 'chart map poster sign-card document paper certificate letter sheet-music blueprint photo',
  paperStack: 'book album magazine ledger volume postcard comic journal newspaper stamp record vinyl lp manual',
  textile:
    'textile coat quilt flag cloth rug jacket dress shirt jumper sweater scarf blanket tapestry curtain tablecloth handbag purse teddy-bear teddy plush stuffed-bear stuffed-animal stuffed-toy soft-toy rag-doll hat bonnet',
  rigidMetal:
    'iron cast weight steel anvil enamel sign vice vise skillet pan saucepan stock-pot stockpot dutch-oven wok ladle bucket pail spanner wrench hammer chisel hand-plane padlock key horseshoe doorknob anchor coin medal spoon tray hubcap number-plate licence-plate',
};

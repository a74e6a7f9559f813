import type { ArchetypeKey } from './Archetype.ts';

/**
 * Words of a title by which a kind is known, one of each; several of it are known too, and names of two words with a hyphen.
 * Common practice, no source.
 */
export const KIND_WORDS: Readonly<Record<ArchetypeKey, string>> = {
  denseGlass:
    'chandelier-drop chandelier-crystal chandelier-prism chandelier-lustre lustre-drop glass-drop prism-drop paperweight stone marble prism slab lens-blank kaleidoscope bookend obelisk onyx geode alabaster soapstone fossil mineral jade quartz slate whetstone bird-bath',
  resinWood:
    'wood wooden resin oak carved bakelite treen mask puppet decoy nutcracker stool walking-stick cane toy mannequin humidor pipe-rack rolling-pin rocking-horse cricket-bat baseball-bat oar paddle domino abacus slide-rule spinning-top jewellery-box jewelry-box trinket-box cigar-box sewing-box snuff-box tea-caddy workbox writing-slope netsuke basket trunk suitcase antler skull racket racquet golf-club fishing-rod hockey-stick ski sledge dolls-house doll-house dollhouse bellows ship-wheel ships-wheel electric-guitar bass-guitar umbrella parasol hairbrush button toy-boat croquet skittle chair side-table coffee-table card-table end-table occasional-table work-table shelf footstool cabinet bookcase washboard shuttle bobbin darning-egg glove-stretcher shoe-last shoe-tree boot-jack quilt-rack plant-stand hat-box hatbox scrimshaw whale-tooth swagger-stick riding-crop comb powder-horn spectacle-case glasses-case needle-case thimble-case spinning-wheel xylophone glockenspiel pepper-mill pepper-grinder duck-call creel',
  compactCeramic:
    'bowl vase pot crock jar dial tile ceramic porcelain stoneware dish ramekin plate saucer platter planter casserole pottery canister dinner-set dinner-service bust salt-shaker pepper-shaker salt-cellar cookie-jar egg-cup insulator pestle mortar mould mold jardiniere gnome trivet flagon biscuit-barrel egg-coddler pie-funnel condiment-set hot-water plaque spittoon cuspidor',
  handledWare:
    'jug urn teapot pitcher mug ewer kettle cup tankard teacup coffeepot coffee-pot creamer stein tureen gravy-boat tea-set coffee-set',
  blownGlass:
    'champagne-flute crystal-flute glass-flute champagne-coupe coupe hydrometer alcoholmeter lactometer glass glasses float flask bottle storm decanter goblet apothecary wine-glass stemware carafe bauble neon-sign thermometer test-tube beaker vial snifter light-bulb hourglass sand-timer egg-timer demijohn carboy syphon siphon atomiser atomizer brandy-balloon cruet christmas-ornament tree-ornament glass-eye vacuum-tube radio-valve vacuum-flask lamp-chimney glass-chimney snow-globe aquarium fish-tank terrarium ostrich-egg',
  pressedGlass:
    'chandelier-part lamp-font glass-insulator pressed compote celery salver tumbler sundae cut-glass crystal ashtray cake-stand headlight butter-dish candy-dish punch-bowl epergne',
  thinFigure:
    'figure figurine head statuette plaster doll statue sculpture coral seashell sea-shell angel shepherdess ballerina taxidermy guitar ukulele mandolin banjo lute model-ship model-boat ship-model plaster-cast death-mask world-globe terrestrial-globe celestial-globe desk-globe violin fiddle viola cello zither dulcimer harp lyre autoharp hurdy-gurdy balalaika accordion concertina harmonium drum tambourine hand-fan paper-fan meerschaum buddha crucifix cherub nativity ornament wax-cylinder',
  globeShade: 'shade globe dome bell-jar lampshade lamp-shade cloche',
  glazedFlat:
    'gilt-frame gold-frame wooden-frame wood-frame oak-frame carved-frame mirror-frame picture mirror framed print pane photograph fern watercolour watercolor painting engraving etching lithograph sampler looking-glass negative ambrotype daguerreotype lantern-slide glass-slide glass-panel window picture-frame photo-frame butterfly-case shadow-box',
  fineMetal:
    'lathe gauge micrometer brass lamp level caliper vernier candlestick candelabra lantern trophy inkwell reel fountain-pen chandelier sconce trophy-cup sundial astrolabe harmonica flute clarinet oboe piccolo bassoon hip-flask cocktail-shaker lighter cigarette-case cigarette-holder card-case pill-box vesta-case napkin-ring sugar-tongs samovar hookah tea-strainer candle-snuffer toast-rack brooch necklace ring bracelet bangle earring pendant locket pearl cufflink thimble binnacle porthole lathe-chuck ceiling-light wall-light light-fitting model-train model-car model-engine locomotive train-carriage toy-car toy-train toy-soldier lead-soldier tin-soldier tin-toy robot bell pendulum tiara powder-compact lipstick-case ships-telegraph ship-telegraph mouth-organ telegraph telegraph-key telegraph-sounder vinaigrette',
  machinedCasting:
    'casting pump cylinder-head flywheel lathe-bed headstock tailstock lathe-headstock lathe-tailstock bearing manifold piston connecting-rod differential carburettor engine crankshaft camshaft gearbox sewing-machine carburetor cylinder-block motor gearwheel',
  brassHorn: 'horn trumpet cornet bugle tuba foghorn trombone saxophone',
  tubularFrame:
    'wheel wheeled bicycle barrow trolley frame pram tricycle tripod music-stand easel pushchair walking-frame bird-cage birdcage fire-screen firescreen',
  boxedElectronics:
    'tape-recorder radio receiver amplifier electronic console turntable record-player telephone tape-deck cassette-deck speaker synthesizer oscilloscope multimeter television printer computer laptop hard-drive cassette-player cd-player dvd-player vcr keyboard monitor ammeter voltmeter galvanometer calculator hearing-aid desk-fan electric-fan table-fan pinball phone smartphone game-cartridge cartridge reel-to reel-recorder reel-tape reel-deck switchboard',
  clockwork:
    'clock banjo-clock orrery scale balance barograph metronome music-box watch typewriter adding-machine cash-register gramophone phonograph automaton wristwatch stopwatch pedometer comptometer',
  optics:
    'telescope microscope camera binoculars sextant lens rangefinder projector opera-glass spyglass theodolite eyepiece loupe magic-lantern stereoscope spectacles eyeglasses sunglasses monocle magnifying-glass reading-glasses magnifier field-glasses light-meter flash flashgun enlarger compass lorgnette pince-nez transit',
  casedInstrument: 'barometer banjo-barometer barometer-banjo stick-barometer case cased instrument chronometer',
  boxedSet: 'set hydrometers boxed cutlery chess-set train-set drawing-set video-game dvd cd cassette',
  boxedGoods:
    'mixer toaster blender iron-boxed utensils waffle-iron coffee-maker food-processor board-game jigsaw cd dvd vhs vhs-tape video-tape cassette cassette-tape',
  shoes: 'shoe boot sneaker trainer sandal loafer slipper skate clog',
  paperGoods: 'chart map poster sign-card document paper certificate letter sheet-music blueprint photo banknote ticket postcard',
  paperStack:
    'book album magazine ledger volume comic journal newspaper stamp record vinyl lp manual atlas playing-card picture-disc bible piano-roll hymnal',
  textile:
    'textile coat quilt flag cloth rug jacket dress shirt jumper sweater scarf blanket tapestry curtain tablecloth handbag purse teddy-bear teddy plush stuffed-bear stuffed-animal stuffed-toy soft-toy rag-doll hat bonnet lace embroidery doily doilies cushion pillow glove mitten belt uniform apron shawl kimono bag satchel briefcase wallet saddle bridle hot-water-bottle pin-cushion pincushion needlepoint carpet t-shirt tee trousers skirt blouse vest waistcoat necktie cravat jeans sweatshirt hoodie cardigan poncho cape corset petticoat nightgown napkin towel pillowcase bedspread afghan throw sock stocking tie pith-helmet strop',
  rigidMetal:
    'iron cast weight steel anvil enamel sign vice vise skillet pan saucepan stock-pot stockpot dutch-oven wok ladle bucket pail spanner wrench hammer chisel hand-plane padlock key horseshoe doorknob anchor coin medal spoon tray hubcap number-plate licence-plate oil-can petrol-can jerry-can milk-can lunch-box churn corkscrew tongs fork knife knives penknife sword bayonet dagger helmet gong hinge cleat pulley saw drill gear sickle stapler hole-punch letter-opener plumb-bob milling-cutter badge buckle hook doorstop door-knocker knocker door-handle weathervane weather-vane horse-brass andiron firedog poker spur steering-wheel bicycle-bell buoy knitting-needle toffee-hammer tin scuttle fender cannon-ball cannonball harpoon mace shield grinder apple-peeler cherry-pitter egg-beater bed-warmer warming-pan foot-warmer cookie-cutter bread-box cash-box deed-box strongbox cymbal door-knob stove razor nipper',
};

/** What people call a stuff. All are common names; none is anybody's identity. */
export interface CommonName {
  /** Classes that it can mean: one, or several that something tells apart; none where the name tells nothing. */
  readonly means: readonly string[];
  /** What tells them apart, or whether it is what the class is, as a question. */
  readonly apart?: string;
  /** The size of the grains tells them apart; finest class first. */
  readonly bySize?: true;
  /** Names, parted by semicolons; singular, in one spelling (see `wordsOf`). */
  readonly names: string;
}

/** Stuffs that are poured, by what they mean; from several regions and trades. Basis: common usage. */
export const COMMON_NAMES: readonly CommonName[] = [
  {
    means: ['peat-light-fine', 'peat-light-coarse', 'peat-dark', 'peat-sedge'],
    apart: 'Which peat: light and springy, in lumps, dark and greasy, or of sedge?',
    names: `
      peat; bog peat; peat bale; baled peat; garden peat; horticultural peat; turf mould; coarse peat;
      fine peat; milled peat
    `,
  },
  {
    means: ['peat-light-fine'],
    names: `
      peat moss; sphagnum peat; sphagnum peat moss; moss peat; white peat; light peat; blonde peat; blond peat;
      fine white peat; fine light peat; fine sphagnum peat; milled sphagnum peat; milled white peat;
      sphagnum moss peat; canadian peat; irish moss peat; baltic peat; young peat; weakly decomposed peat;
      seedling peat; fine peat moss; brown peat moss; raised bog peat light
    `,
  },
  {
    means: ['peat-light-coarse'],
    names: `
      peat lump; peat chunk; chunky peat; coarse white peat; coarse light peat; coarse sphagnum peat;
      sphagnum peat chunk; block peat; sod peat; peat nugget; white peat fraction; lump peat; coarse peat moss;
      chunky peat moss; sieved block peat
    `,
  },
  {
    means: ['peat-dark'],
    names: `
      black peat; dark peat; frosted peat; frosted black peat; humified peat; black bog peat; dark bog peat;
      decomposed peat; well decomposed peat; old peat black; frozen black peat; peat muck; muck peat;
      blocking peat; peat humus
    `,
  },
  {
    means: ['peat-sedge'],
    names: `
      sedge peat; reed peat; fen peat; reed sedge peat; sedge reed peat; fenland peat; lowland peat; rush peat;
      swamp peat
    `,
  },
  {
    means: ['moss-long'],
    names: `
      long fibred sphagnum; long fibre sphagnum; long fibre sphagnum moss; long fibred sphagnum moss; sphagnum;
      sphagnum moss; dried sphagnum; dried sphagnum moss; live sphagnum; orchid moss; new zealand sphagnum;
      new zealand moss; chilean sphagnum; chilean moss; nz sphagnum moss; long fibre moss; basket moss;
      lfs moss; bog moss; moss for orchid; fibrous moss
    `,
  },
  {
    means: ['coir-pith'],
    names: `
      coir; coir pith; coco; coco peat; coconut peat; coco pith; coconut pith; coco dust; coconut dust;
      coir dust; coco coir; coconut coir; coir peat; coir brick; coco brick; coco peat brick; coir block;
      coco block; coco peat block; coir bale; coco bale; compressed coir; compressed coir block;
      compressed coco peat; coir compost brick; coir disc; buffered coir; buffered coco; rinsed coir;
      washed coir; coconut husk dust; coconut husk peat; coir meal; coir soil; palm peat; coco soil;
      coir fines; coconut fibre dust; coco medium; coir granule; coco peat powder
    `,
  },
  {
    means: ['coir-fibre'],
    names: `
      coir fibre; coco fibre; coconut fibre; coir hair; coco hair; loose coir fibre; coir thread; coconut hair;
      coir string loose; long coir; coir strand; coco strand; husk fibre; coconut husk fibre; stranded coir
    `,
  },
  {
    means: ['coir-chips'],
    names: `
      coir chip; coco chip; coconut chip; coco husk; coconut husk; coconut husk chip; coco husk chip;
      coco chunk; coconut chunk; coir chunk; husk chip; coconut husk cube; coco cube; coir cube;
      coconut husk chunk; coir nugget; coco crouton; coconut bark; coir crouton; crushed coconut husk;
      coir husk; chopped coconut husk
    `,
  },
  {
    means: ['bark-fine', 'bark-graded'],
    bySize: true,
    apart: 'Is it fine and crumbly, under a finger nail, or in pieces that rattle?',
    names: `
      bark; pine bark; fir bark; conifer bark; spruce bark; larch bark; redwood bark; softwood bark; aged bark;
      aged pine bark; matured bark; potting bark; horticultural bark; radiata bark; bark mulch; pine mulch;
      landscape bark; ground bark; bark dust; hardwood bark
    `,
  },
  {
    means: ['bark-fine'],
    names: `
      composted bark; composted pine bark; bark fines; pine bark fines; fir bark fines; pine fines; fine bark;
      fine pine bark; fine composted bark; bark compost; bark humus; bark soil conditioner;
      pine bark soil conditioner; seed bark; propagating bark; aged pine fines; aged bark fines;
      screened bark fines; bark crumb; shredded bark fine; pine bark humus; milled bark; milled pine bark;
      bark peat
    `,
  },
  {
    means: ['bark-graded'],
    names: `
      orchid bark; bark nugget; pine bark nugget; fir bark nugget; pine nugget; mini bark nugget; mini nugget;
      mini pine bark; bark chip; pine bark chip; fir bark chip; chipped bark; coarse bark; coarse pine bark;
      medium bark; medium fir bark; medium orchid bark; coarse orchid bark; fine orchid bark; chunky bark;
      bark chunk; pine bark chunk; decorative bark; graded bark; play bark; bark piece; reptile bark;
      cymbidium bark
    `,
  },
  {
    means: ['wood-fibre'],
    names: `
      wood fibre; steamed wood fibre; defibrated wood; extruded wood fibre; refined wood fibre;
      wood fibre screw; shredded wood fibre; pine fibre; pine wood fibre; timber fibre; spruce fibre;
      disc refined wood; pine tree fibre; forest fibre; fibred wood
    `,
  },
  {
    means: ['wood-chips'],
    names: `
      wood chip; chipped wood; wood chipping; hammer milled wood; hammermilled wood; hammer milled pine;
      hammermilled pine; milled pine wood; milled wood; whole tree substrate; whole tree; clean chip residual;
      pine tree substrate; pine wood chip; ground wood; shredded wood; composted wood chip; pine chip;
      wood shred; wood particle; milled whole pine; aged wood chip
    `,
  },
  {
    means: ['wood-chips'],
    apart: 'How coarse are they? The class is hammer-milled, under 10 mm.',
    names: `arborist chip; tree surgeon chip; ramial chip; ramial chipped wood; brushwood chip`,
  },
  {
    means: ['sawdust'],
    names: `
      sawdust; aged sawdust; pine sawdust; rotted sawdust; composted sawdust; mill sawdust; conifer sawdust;
      softwood sawdust; old sawdust; weathered sawdust; wood sawdust; hardwood sawdust; saw mill dust;
      sander dust
    `,
  },
  {
    means: ['wood-fibre', 'wood-chips', 'sawdust'],
    apart: 'Is it fluffy fibre, small chips, or saw dust?',
    names: `wood shaving; shaving; wood waste; wood dust; wood wool; excelsior; planer shaving`,
  },
  {
    means: ['compost-green', 'compost-manure', 'mushroom-spent', 'bark-fine'],
    apart: 'Rotted from what: green waste, manure, mushroom beds, bark? Or is it a bought potting mix?',
    names: `
      compost; organic compost; bagged compost; black compost; mature compost; composted stuff; humus;
      soil conditioner; soil improver
    `,
  },
  {
    means: ['compost-green'],
    names: `
      green waste compost; green compost; composted green waste; garden compost; garden waste compost;
      home compost; homemade compost; home made compost; heap compost; municipal compost; council compost;
      city compost; yard waste compost; yard compost; yard trimming compost; yard trimming; kitchen compost;
      kitchen waste compost; food waste compost; vegetable compost; plant compost; backyard compost;
      allotment compost; composted garden waste; composted yard waste; community compost; grass compost;
      town compost; bin compost; tumbler compost; recycled green waste; biowaste compost; plant based compost;
      hot compost; weed compost; compost heap
    `,
  },
  {
    means: ['compost-manure'],
    names: `
      composted manure; rotted manure; well rotted manure; well rotted farmyard manure; aged manure;
      old manure; farmyard manure; farm yard manure; fym; composted farmyard manure; composted cow manure;
      composted cattle manure; composted horse manure; composted sheep manure; composted goat manure;
      composted dung; composted cow dung; rotted cow dung; rotted dung; old dung; rotted cow manure;
      rotted horse manure; rotted cattle manure; rotted sheep manure; rotted goat manure; rotted stable manure;
      old stable manure; aged cow manure; aged horse manure; aged goat manure; aged steer manure;
      composted steer manure; rotted horse muck; rotted muck; well rotted muck; manure compost;
      cow manure compost; horse manure compost; cow compost; dairy compost; dairy manure compost;
      composted alpaca manure; composted rabbit manure; composted stable bedding; composted chicken manure;
      composted poultry manure; composted pig manure; black kraal manure composted; matured manure
    `,
  },
  {
    means: ['compost-manure'],
    apart: 'Is it rotted until it no longer heats or smells, or fresh? Fresh manure burns.',
    names: `
      manure; dung; cow manure; cow dung; cattle manure; horse manure; horse muck; stable manure; sheep manure;
      sheep dung; goat manure; goat dung; pig manure; steer manure; kraal manure; chicken manure;
      poultry manure; hen manure; chook manure; chook poo; pigeon manure; rabbit manure; rabbit dropping;
      alpaca manure; llama manure; camel dung; elephant dung; buffalo dung; guano; bat guano; poultry litter;
      chicken litter; deep litter; muck; slurry solid; digestate
    `,
  },
  {
    means: ['worm-cast'],
    names: `
      worm casting; earthworm casting; worm cast; vermicompost; vermicast; vermi compost; worm compost;
      worm humus; worm poo; worm manure; wormery compost; worm bin compost; earthworm compost;
      worm farm casting; worm soil; earthworm humus; worm dirt
    `,
  },
  {
    means: ['leaf-mould'],
    names: `
      leaf mould; leafmould; rotted leaf; leaf compost; composted leaf; oak leaf mould; beech leaf mould;
      leaf humus; leaf soil; old leaf rotted; decayed leaf; woodland leaf mould; leaf litter rotted;
      two year leaf mould; pine needle mould; leaf mulch rotted
    `,
  },
  {
    means: ['mushroom-spent'],
    names: `
      mushroom compost; spent mushroom compost; used mushroom compost; spent mushroom substrate;
      used mushroom substrate; mushroom soil; mushroom manure; smc; old mushroom compost; mushroom bed compost;
      spent mushroom block; spent mushroom bed
    `,
  },
  {
    means: ['rice-hull'],
    names: `
      rice hull; rice husk; parboiled rice hull; parboiled rice husk; pbh; paddy husk; paddy hull;
      fresh rice hull; fresh rice husk; raw rice hull; raw rice husk; aged rice hull; composted rice hull;
      rice chaff; palay husk; unburnt rice husk
    `,
  },
  {
    means: ['rice-hull-char'],
    names: `
      carbonised rice hull; carbonised rice husk; carbonised paddy husk; rice hull char; rice husk char;
      rice husk charcoal; rice hull charcoal; burnt rice husk; burnt rice hull; burned rice hull;
      burned rice husk; charred rice hull; charred rice husk; black rice husk; rice hull biochar;
      rice husk biochar; smoked rice husk; roasted rice husk; kuntan; crh; half burnt rice husk;
      burnt paddy husk
    `,
  },
  {
    means: ['rice-hull', 'rice-hull-char'],
    apart: 'Is it white-grey ash, black char, or the raw husk?',
    names: `rice hull ash; rice husk ash; paddy husk ash`,
  },
  {
    means: ['biochar'],
    names: `
      biochar; bio char; charcoal; char; horticultural charcoal; bamboo charcoal; lump charcoal;
      crushed lump charcoal; wood charcoal; crushed charcoal; plain charcoal; charcoal chip; charcoal piece;
      charged biochar; wood char; bamboo char; hardwood charcoal; coconut shell charcoal; coconut shell char;
      terra preta char; orchid charcoal; willow charcoal; wood biochar; bamboo biochar; pyrolysed wood
    `,
  },
  {
    means: ['cork'],
    names: `
      cork granule; granulated cork; crushed cork; cork crumb; cork chip; ground cork; cork pellet; cork grain;
      cork bit; shredded cork; cork
    `,
  },
  {
    means: ['perlite-fine', 'perlite-coarse'],
    bySize: true,
    apart: 'How large are its grains?',
    names: `
      perlite; expanded perlite; horticultural perlite; perlite granule; medium perlite; white perlite;
      volcanic glass puffed; propagating perlite
    `,
  },
  {
    means: ['perlite-coarse'],
    names: `
      coarse perlite; super coarse perlite; extra coarse perlite; chunky perlite; big perlite; large perlite;
      orchid perlite; coarse grade perlite; number 3 perlite; medium coarse perlite
    `,
  },
  {
    means: ['perlite-fine'],
    names: `
      fine perlite; perlite fines; small perlite; seed perlite; fine grade perlite; medium fine perlite;
      plug perlite; perlite sand
    `,
  },
  {
    means: ['pumice-fine', 'pumice-coarse'],
    bySize: true,
    apart: 'How large are its grains?',
    names: `
      pumice; pumice stone; horticultural pumice; white pumice; pumicite; bims; crushed pumice; medium pumice;
      volcanic pumice
    `,
  },
  {
    means: ['pumice-coarse'],
    names: `
      coarse pumice; pumice gravel; large pumice; pumice lump; pumice pebble; pumice rock; hyuga; hyuga pumice;
      hyuga stone; bonsai pumice; orchid pumice; pumice chunk
    `,
  },
  {
    means: ['pumice-fine'],
    names: `fine pumice; pumice sand; pumice fines; small pumice; pumice grit; pumice soil; seedling pumice`,
  },
  {
    means: ['scoria'],
    names: `
      scoria; lava; lava rock; lava stone; black lava; red lava; red lava rock; black lava rock; lava grit;
      lava gravel; lava granule; crushed lava; crushed lava rock; volcanic cinder; volcanic scoria; red scoria;
      black scoria; black cinder volcanic; red cinder; volcanic gravel; lava split; lava chip; bonsai lava;
      basalt lava; scoria gravel; tezontle; picon
    `,
  },
  {
    means: ['scoria', 'pumice-coarse', 'clay-volcanic'],
    apart: 'Is it a heavy red or black rock, a pale floating one, or a soft clay?',
    names: `volcanic rock; volcanic stone; volcanic grit; volcanic stuff; volcanic soil; volcanic ash; volcanic sand`,
  },
  {
    means: ['vermiculite'],
    names: `
      vermiculite; exfoliated vermiculite; expanded vermiculite; horticultural vermiculite; medium vermiculite;
      fine vermiculite; coarse vermiculite; vermiculite flake; golden vermiculite; seed vermiculite;
      puffed mica; vermiculite granule
    `,
  },
  {
    means: ['clay-expanded'],
    names: `
      leca; leca ball; leca pebble; clay pebble; clay ball; clay pellet; expanded clay; expanded clay ball;
      expanded clay pebble; expanded clay pellet; expanded clay aggregate; light expanded clay;
      light expanded clay aggregate; lightweight expanded clay aggregate; hydroponic clay;
      hydroponic clay ball; hydroponic clay pebble; hydroponic pebble; hydro ball; hydro pebble;
      hydroponic ball; clay marble; baked clay ball; keramzit; expanded shale; broken expanded clay;
      light clay aggregate; hydroculture clay
    `,
  },
  {
    means: ['clay-calcined'],
    names: `
      calcined clay; calcined clay granule; fired clay; fired clay granule; baked clay granule; baked clay;
      kiln fired clay; burnt clay granule; ceramic granule; porous ceramic; fired clay chip;
      infield conditioner; calcined attapulgite; calcined montmorillonite; arcillite
    `,
  },
  {
    means: ['clay-volcanic'],
    names: `
      akadama; hard akadama; akadama soil; volcanic clay; volcanic clay granule; volcanic ash clay;
      red ball earth; red ball soil; bonsai clay; kiryu; soft volcanic clay; double red line akadama;
      japanese bonsai clay
    `,
  },
  {
    means: ['clay-volcanic', 'pumice-coarse'],
    apart: 'Does it crush between the fingers like clay, or stay hard and pale?',
    names: `kanuma; kanuma soil; kanuma pumice`,
  },
  {
    means: ['zeolite'],
    names: `
      zeolite; clinoptilolite; zeolite granule; zeolite grit; zeolite stone; zeolite gravel; natural zeolite;
      horticultural zeolite; clino; zeolite chip; zeolite sand
    `,
  },
  {
    means: ['diatomite'],
    names: `
      diatomite; calcined diatomite; diatomite granule; diatomaceous rock; calcined diatomaceous rock;
      diatomaceous granule; diatomaceous earth granule; calcined diatomaceous earth; moler; moler clay;
      diatomite rock; fossil shell granule; diatomaceous earth calcined
    `,
  },
  {
    means: ['diatomite'],
    apart: 'Hard calcined granules, or a white powder? The powder is not a medium.',
    names: `diatomaceous earth; kieselguhr; diatom powder`,
  },
  {
    means: ['sand-fine', 'sand-coarse'],
    bySize: true,
    apart: 'Does it run like sugar and stay sharp between the teeth, or like flour?',
    names: `
      sand; river sand; washed sand; washed river sand; horticultural sand; propagating sand; potting sand;
      quartz sand; silica sand; white sand; washed white sand; yellow sand; pit sand; builders sand;
      builder sand; building sand; bricklaying sand; medium sand; filter sand; kiln dried sand; brickies sand;
      bank sand; cactus sand
    `,
  },
  {
    means: ['sand-coarse'],
    names: `
      coarse sand; sharp sand; concrete sand; grit sand; gritty sand; coarse river sand; coarse washed sand;
      sharp washed sand; coarse horticultural sand; coarse silica sand; coarse quartz sand; torpedo sand;
      washed concrete sand; pool filter sand; crusher sand; coarse pit sand; coarse builders sand;
      sharp river sand; lapis sand coarse; screeding sand; washed sharp sand
    `,
  },
  {
    means: ['sand-fine'],
    names: `
      fine sand; play sand; playpit sand; silver sand; masonry sand; mason sand; soft sand; dune sand;
      plastering sand; plaster sand; fine white sand; fine silica sand; fine river sand; blow sand;
      sandpit sand; desert sand; sugar sand; fine quartz sand; fine building sand; plasterers sand;
      sandbox sand
    `,
  },
  {
    means: ['sand-fine', 'sand-coarse'],
    apart: 'Sea sand carries salt. Was it rinsed until the water tastes of nothing?',
    names: `beach sand; sea sand; coral sand`,
  },
  {
    means: ['grit'],
    names: `
      grit; horticultural grit; alpine grit; potting grit; granite grit; quartz grit; flint grit; washed grit;
      stone grit; fine gravel; washed gravel; gravel; pea gravel; pea shingle; pea grit; quartz gravel;
      aquarium gravel; crushed granite; crushed stone; crushed quartz; crushed basalt; crushed rock;
      granite chip; granite chipping; stone chip; stone chipping; river gravel; basalt grit; basalt chip;
      slate chip; slate grit; sharp grit; coarse grit; fine grit; quartzite grit; shingle; blue metal fine;
      rock chip; bonsai grit; cactus grit; bird grit granite; chicken grit granite; granite poultry grit;
      rock grit; trap rock fine
    `,
  },
  {
    means: ['grit', 'limestone'],
    apart: 'Granite or flint, or shell? Shell fizzes in vinegar and raises pH.',
    names: `poultry grit; chicken grit; turkey grit; hen grit; pigeon grit; bird grit; mixed grit; shell and grit`,
  },
  {
    means: ['grit', 'sand-coarse'],
    apart: 'Sieved free of its fines, or with them?',
    names: `
      decomposed granite; granite sand; dg; crusher run; crusher fines; quarry dust; road grit; blue metal;
      stone sand; gravel sand; manufactured sand; m sand
    `,
  },
  {
    means: ['brick'],
    names: `
      crushed brick; broken brick; brick chip; brick bit; brick piece; brick rubble; brick grit; brick granule;
      crushed terracotta; crushed terra cotta; terracotta chip; crushed roof tile; crushed tile; tile grit;
      crushed clay tile; recycled brick; old brick broken; brickbat small; crushed flower pot;
      broken terracotta; smashed brick; brick chipping; crushed pot; broken tile; crushed red brick;
      brick ballast; brick jelly
    `,
  },
  {
    means: ['limestone'],
    names: `
      oyster shell; crushed oyster shell; oyster shell grit; oyster grit; shell grit; crushed shell;
      crushed sea shell; sea shell; cockle shell; mussel shell; limestone grit; limestone chip;
      limestone chipping; crushed limestone; limestone gravel; limestone; marble chip; marble chipping;
      crushed marble; crushed coral; coral grit; coral gravel; dolomite chip; dolomite grit; calcite grit;
      whiting chip; tufa crushed; crushed tufa; shell sand
    `,
  },
  {
    means: ['loam', 'sandy-loam', 'clay-loam'],
    apart: 'Rub it wet between the fingers: gritty, smooth, or sticky?',
    names: `
      soil; topsoil; top soil; garden soil; field soil; earth; garden earth; dirt; native soil;
      screened topsoil; bagged topsoil; mother earth; farm soil; yard soil; screened soil; red soil;
      black soil; forest soil; ground soil; subsoil; molehill soil; sterilised soil; river silt; silt;
      plain soil
    `,
  },
  {
    means: ['loam'],
    names: `
      loam; sterilised loam; steamed loam; garden loam; screened loam; turf loam; fibrous loam; rotted turf;
      stacked turf rotted; loamy soil; loamy topsoil; silt loam; medium loam; loam soil; potting loam;
      pasteurised loam; loam topsoil; chopped turf rotted
    `,
  },
  {
    means: ['sandy-loam'],
    names: `
      sandy loam; sandy soil; sandy topsoil; sandy garden soil; sandy loam soil; loamy sand; light sandy soil;
      sandy earth; fine sandy loam; sandy loam topsoil; sandy garden loam; light loam; washed soil sandy
    `,
  },
  {
    means: ['clay-loam'],
    names: `
      clay loam; clay soil; heavy clay soil; clayey soil; clayey topsoil; heavy soil; heavy loam; clayey loam;
      clay topsoil; clay garden soil; clay earth; silty clay loam; heavy clay; red clay soil; paddy soil;
      pond clay
    `,
  },
  {
    means: ['clay-loam', 'clay-calcined', 'clay-expanded'],
    apart: 'Clay from the ground, fired granules, or light balls?',
    names: `clay; clay granule; red clay; clay pebble or granule; hard clay; bentonite; clay crumb`,
  },
  {
    means: ['clay-calcined', 'diatomite'],
    apart: 'Does a grain stay hard after a night in water? Most litters turn to mud.',
    names: `cat litter; kitty litter; clay cat litter; oil absorbent; oil dry; floor absorbent; non clumping litter`,
  },
  {
    means: ['stone-wool'],
    names: `
      rockwool; rock wool; stone wool; stonewool; mineral wool; mineral wool granulate; rockwool granulate;
      rockwool flock; stone wool flock; granulated rockwool; shredded rockwool; rockwool granule; slag wool;
      stone wool granule; mineral fibre
    `,
  },
  {
    means: ['stone-wool'],
    apart: 'Cubes and slabs are used whole. Is it loose granulate?',
    names: `rockwool cube; rockwool slab; stone wool cube; stone wool slab; rockwool plug`,
  },
  {
    means: ['eps'],
    names: `
      polystyrene; polystyrene bead; polystyrene ball; polystyrene flake; expanded polystyrene;
      expanded polystyrene bead; eps; eps bead; polystyrene foam; polystyrene foam bead;
      polystyrene foam flake; foam bead; styrene bead; styrene foam; styro bead; bean bag bead;
      bean bag filling; crushed polystyrene; plastic foam bead; broken polystyrene
    `,
  },
  {
    means: ['eps'],
    apart: 'Foam plastic, or starch that melts in water?',
    names: `packing peanut; packing chip; loose fill`,
  },
  {
    means: [],
    apart: 'That is a mixture or a bought medium. Which one, or what is in it?',
    names: `
      potting compost; potting soil; potting mix; potting medium; multipurpose compost; multi purpose compost;
      all purpose potting mix; all purpose mix; seed compost; seed mix; seed raising mix; sowing compost;
      cutting compost; ericaceous compost; house mix; own mix; nursery mix; cactus mix; cactus compost;
      cactus soil; succulent mix; succulent soil; orchid mix; orchid compost; bonsai mix; bonsai soil;
      aroid mix; houseplant compost; container mix; raised bed mix; bed mix; planting mix; growing medium;
      substrate; grow bag; growbag; mix; blend; soilless mix; peat based mix; peat based compost;
      loam based compost; tomato compost; garden mix; tree and shrub compost; african violet mix;
      professional mix
    `,
  },
  {
    means: [],
    apart: 'What rotted or burned to it?',
    names: `
      ash; cinder; clinker; coal ash; coal cinder; fly ash; boiler ash; soot; dust; meal; cake; husk; hull;
      pith; chip; fibre; shell; mulch; straw; chaff; fines; granule; pellet; powder; stuff; rock; stone; foam;
      moss
    `,
  },
  {
    means: [],
    apart: 'Which one, and what is it mostly made of?',
    names: `
      twig; stick; reject; screening; oversize; tailing; sweeping; scalping; leftover; mixed waste;
      groundnut shell; peanut shell; peanut hull; cocoa shell; cocoa husk; coffee ground; coffee husk;
      coffee chaff; tea leaf; tea waste; bagasse; sugarcane trash; filter cake; press mud; cotton gin trash;
      gin trash; grape marc; hop waste; brewery waste; buckwheat hull; walnut shell; almond shell; almond hull;
      pecan shell; oil palm fibre; empty fruit bunch; palm fibre; tree fern; tree fern fibre; osmunda;
      osmunda fibre; fern fibre; bracken; bracken compost; wool; sheep wool; wool pellet; hemp fibre;
      hemp hurd; hemp core; flax shive; jute fibre; miscanthus; straw pellet; paper pulp; shredded paper;
      cardboard; newspaper; glass foam; foam glass; crushed glass; glass sand; rubber crumb; tyre crumb;
      sponge; foam cube; seaweed; kelp; azolla; water hyacinth; pine needle; pine straw; leaf; leaf litter;
      dried leaf; grass clipping; hay; eggshell; egg shell; pottery crock; crock
    `,
  },
];

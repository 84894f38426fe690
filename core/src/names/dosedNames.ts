import type { CommonName } from './commonNames';

/** What is dosed by weight, by what it is called. Basis: common usage. */
export const DOSED_NAMES: readonly CommonName[] = [
  {
    means: ['seed-cake'],
    names: `
      neem cake; mustard cake; groundnut cake; peanut cake; castor cake; castor pomace; cottonseed meal;
      cotton seed meal; cottonseed cake; soybean meal; soya meal; soy meal; rapeseed meal; rape cake;
      canola meal; linseed meal; linseed cake; sesame cake; sunflower cake; coconut cake; copra cake;
      karanja cake; oil cake; seed cake; seed meal; alfalfa meal; lucerne meal; neem meal; neem seed meal;
      mustard seed meal; corn gluten meal; malt meal
    `,
  },
  {
    means: ['bone-meal'],
    names: `
      bone meal; bonemeal; steamed bone meal; bone flour; bone dust; meat and bone meal; sterilised bone meal;
      ground bone; crushed bone
    `,
  },
  {
    means: ['horn-meal'],
    names: `
      hoof and horn; hoof and horn meal; horn meal; horn shaving; hoof meal; horn chip; horn grit; horn flour;
      horn
    `,
  },
  {
    means: ['blood-meal'],
    names: `blood meal; dried blood; blood; bloodmeal`,
  },
  {
    means: ['feather-meal'],
    names: `feather meal; hydrolysed feather`,
  },
  {
    means: ['fish-meal'],
    names: `
      fish meal; fishmeal; fish blood and bone; blood fish and bone; fish manure; fish bone meal; crab meal;
      shrimp meal; prawn meal; blood and bone; fish powder; crustacean meal
    `,
  },
  {
    means: ['wood-ash'],
    names: `
      wood ash; fireplace ash; bonfire ash; stove ash; hardwood ash; log burner ash; ash from the stove;
      potash ash; clean wood ash; fire ash
    `,
  },
  {
    means: ['gypsum'],
    names: `gypsum; land plaster; calcium sulphate; clay breaker; gypsum powder`,
  },
  {
    means: ['dolomite'],
    names: `
      dolomite; dolomitic lime; dolomite lime; dolomitic limestone; magnesian limestone;
      magnesian limestone ground; ground dolomite; dolomite powder; magnesium lime; dolomite flour;
      ground magnesian limestone
    `,
  },
  {
    means: ['lime-ground'],
    names: `
      garden lime; ground limestone; agricultural lime; ag lime; aglime; calcium carbonate; chalk;
      ground chalk; carbonate of lime; limestone powder; limestone flour; lime powder ground limestone;
      whiting; calcitic lime; oyster shell flour; oyster flour; pulverised limestone; calcic lime;
      seaweed lime; calcified seaweed
    `,
  },
  {
    means: [],
    apart: 'Ground limestone, dolomite, or burnt lime? Burnt and hydrated lime burn eyes and skin.',
    names: `
      lime; white lime; builders lime; quicklime; hydrated lime; slaked lime; lawn lime; pelletised lime;
      liquid lime
    `,
  },
  {
    means: ['rock-dust'],
    names: `
      rock dust; basalt dust; granite dust; basalt meal; basalt powder; rock flour; rock meal; rock powder;
      stone dust; stone meal; stone flour; volcanic rock dust; glacial rock dust; lava meal; lava dust;
      granite meal; greensand; volcanic dust
    `,
  },
  {
    means: ['rock-phosphate'],
    names: `rock phosphate; soft rock phosphate; phosphate rock; ground rock phosphate; colloidal phosphate`,
  },
  {
    means: ['feed-coated'],
    names: `
      controlled release fertiliser; coated fertiliser; coated feed; slow release fertiliser;
      slow release prill; slow release granule; slow release feed; prill; controlled release feed; crf;
      cote feed; timed release fertiliser; resin coated fertiliser; polymer coated fertiliser;
      controlled release prill; coated prill
    `,
  },
  {
    means: ['feed-mineral'],
    names: `
      base fertiliser; base feed; base dressing; general fertiliser; npk; npk fertiliser; balanced fertiliser;
      starter fertiliser; superphosphate; single superphosphate; triple superphosphate; potassium sulphate;
      sulphate of potash; ammonium sulphate; sulphate of ammonia; calcium nitrate; potassium nitrate; urea;
      compound fertiliser; granular fertiliser; pg mix; growmix feed; dap; muriate of potash; trace element;
      fritted trace element; micronutrient mix; micronutrient
    `,
  },
  {
    means: ['feed-organic'],
    names: `
      chicken manure pellet; pelleted poultry manure; poultry manure pellet; pelleted chicken manure;
      dried chicken manure pellet; hen pen pellet; manure pellet; organic pellet; organic feed;
      organic fertiliser; pelleted manure; vegan pellet; cow manure pellet; sheep pellet; dynamic pellet;
      organic granule; dried poultry manure; fertiliser pellet organic; dried blood and manure pellet
    `,
  },
  {
    means: ['feed-coated', 'feed-mineral', 'feed-organic'],
    apart: 'Coated, plain mineral, or organic?',
    names: `fertiliser; feed; plant food; plant feed; granule feed; manure substitute`,
  },
  {
    means: ['kelp-meal'],
    names: `
      kelp meal; seaweed meal; kelp powder; seaweed powder; dried kelp; dried seaweed; ascophyllum meal;
      ground kelp; ground seaweed; seaweed granule
    `,
  },
  {
    means: ['inoculant'],
    names: `
      mycorrhiza; mycorrhizae; mycorrhizal inoculant; mycorrhizal fungi; mycorrhizal fungus; inoculant;
      trichoderma; rhizobium; root powder mycorrhizal; beneficial bacteria; bacillus; beneficial microbe;
      microbe; endo mycorrhiza; compost starter; bokashi bran; azospirillum; azotobacter; biofertiliser;
      bio fertiliser
    `,
  },
  {
    means: ['gel'],
    names: `
      water retaining gel; water gel; hydrogel; hydrogel crystal; water crystal; water storing crystal;
      water saving gel; water storing granule; superabsorbent; water retention crystal; moisture crystal;
      water bead; gel crystal; swelling gel; polymer crystal; polyacrylate; water holding gel;
      water retention granule
    `,
  },
  {
    means: ['wetting-agent'],
    names: `
      wetting agent; soil wetter; wetter; surfactant; yucca extract; granular wetter; wetting granule;
      rewetting agent; yucca powder
    `,
  },
  {
    means: ['sulphur'],
    names: `
      sulphur; elemental sulphur; sulphur powder; sulphur chip; sulphur prill; flowers of sulphur;
      yellow sulphur; soil sulphur; sulphur dust; agricultural sulphur; micronised sulphur; sulphur granule;
      sulphur pellet
    `,
  },
  {
    means: ['iron-sulphate'],
    names: `iron sulphate; ferrous sulphate; sulphate of iron; green vitriol; iron feed`,
  },
  {
    means: ['epsom-salt'],
    names: `epsom salt; magnesium sulphate; bittersalt; kieserite`,
  },
];

package velvetkettle.core.intake;

/** What words of orders mean [common practice, no source]. */
final class Phrases {
  /**
   * Line by line what is meant, and the words and phrases for it, each in its singular; the
   * likelier first. Of a colour depth and hue.
   */
  static final String TRADE =
      """

      kind TOP: tee, tee shirt, tank top, vest top, t shirt, tshirt, t-shirt, top, jersey top, polo, polo shirt, golf shirt, rowing top, work tee, singlet, gym vest, running vest, football shirt, team shirt, jersey
      kind LONG_SLEEVE: long sleeve, long sleeve top, long-sleeve, longsleeve, rugby shirt
      kind SHIRT: shirt, blouse, work shirt, dress shirt, overshirt, over shirt
      kind SWEATSHIRT: sweatshirt, hoodie, hoody, sweater, jumper, pullover, sweat shirt, sweat top, hooded top
      kind JACKET: jacket, coat, blazer, windbreaker, anorak, softshell, parka
      kind VEST: vest, waistcoat, gilet, bodywarmer, fleece vest
      kind HIGH_VISIBILITY_VEST: hi-vis vest, hi vis vest, high visibility vest, high-visibility vest, safety vest, vest hi-vis, hi-vis
      kind BODYSUIT: bodysuit, baby bodysuit, onesie, romper, babygrow
      kind DRESS: dress
      kind COSTUME: costume, dance costume, leotard, tutu
      kind TROUSERS: trousers, trouser, pants, jeans, overalls, overall, dungarees, shorts
      kind LEGGINGS: leggings, legging, tights
      kind SKIRT: skirt
      kind CAPE: cape, cloak
      kind APRON: apron, chef apron, work apron, pinafore
      kind BIB: bib
      kind CAP: cap, baseball cap
      kind KNITTED_HAT: knitted hat, hat, beanie, bobble hat
      kind BAG: bag, tote, tote bag, kit bag, backpack, pouch, rucksack
      kind CUSHION: cushion, cushion cover, pillow, pillow case, pillowcase
      kind FLAG: flag, banner
      kind PENNANT: pennant, bunting
      kind SCARF: scarf, neckerchief, shawl, bandana
      kind TOWEL: towel, bath towel, beach towel
      kind FLAT_LINEN: tea towel, napkin, tablecloth, table cloth, place mat, table runner
      kind TIE: tie, necktie
      kind CANOPY_PANEL: umbrella, umbrella panel, tent panel, canopy
      kind RIBBON: ribbon, satin ribbon
      kind PANEL: panel, curtain, stage curtain

      fabric PIQUE: pique, polo, polo shirt
      fabric JERSEY: jersey
      fabric FLEECE: fleece, fleece vest
      fabric TWILL: twill, drill, gabardine
      fabric CANVAS: canvas
      fabric FELT: felt
      fabric VELVET: velvet, velour
      fabric CORDUROY: corduroy, cord
      fabric WAFFLE: waffle
      fabric SOFTSHELL: softshell
      fabric NYLON_SHELL: nylon shell, shell
      fabric PADDED_SHELL: padded, quilted
      fabric MESH: mesh
      fabric LACE: lace
      fabric RIB: ribbed
      fabric SATIN_RIBBON: satin ribbon
      fabric WOVEN_SATIN: satin
      fabric WOOL_COATING: wool coating, loden

      art LETTERING: name, crew name, lettering, letter, text, txt, word, wordmark, number, initial, monogram, slogan, writing, crew, recipe, print name, title
      art LOGO: logo, anchor, star, gull, whale, sail, ship, fish, crab, moon, frog, trumpet, motif, emblem, wave
      art PHOTOGRAPH: photo, photograph, picture, portrait
      art ALL_OVER_PRINT: all-over print, all over print, all over, allover
      art MADE_PATCH: patch, crest, coat of arms
      art BADGE: badge
      art STONES: stone, rhinestone, crystal
      art APPLIQUE: applique, appliqué

      place CHEST: chest, breast, across the front
      place LEFT_CHEST: left chest, left breast, lc, lft chest
      place RIGHT_CHEST: right chest, right breast, rc
      place BACK: back
      place UPPER_BACK: upper back, shoulders, between the shoulders
      place NAPE: nape, neck
      place SLEEVE: sleeve, left sleeve
      place RIGHT_SLEEVE: right sleeve
      place NECKLINE: neckline, collar line
      place HOOD: hood
      place SIDE: side
      place HEM: hem
      place LEG: leg
      place POCKET: pocket
      place MIDDLE: middle, centre, center
      place CORNER: corner
      place ALL_OVER: all over, all-over, all over print, all-over print, allover

      fibre cotton: cotton
      fibre polyester: polyester, poly
      fibre nylon: nylon, polyamide
      fibre elastane: elastane, spandex
      fibre wool: wool, merino
      fibre linen: linen, flax
      fibre silk: silk
      fibre viscose: viscose, rayon
      fibre acrylic: acrylic
      fibre lyocell: lyocell
      fibre modal: modal
      fibre hemp: hemp
      fibre acetate: acetate
      fibre polypropylene: polypropylene

      fits BABY: baby, baby's, newborn, new born, infant
      fits TODDLER: toddler
      fits YOUTH: kid, kid's, child, child's, children, children's, boy, girl, junior, youth, pupil
      fits ADULT: adult, men, men's, women, women's, lady, ladies

      obstacle POCKET_ZIP: zip pocket, pocket with zip, zipped pocket
      obstacle ZIP: zip, zipper, full zip, half zip, zipped, zip up
      obstacle BUTTON: button, buttoned
      obstacle SNAP: snap, press stud, popper
      obstacle POCKET: pocket, kangaroo pocket, front pocket, chest pocket
      obstacle SEAM: seam
      obstacle HOOD: hood
      obstacle LINING: lining, lined
      obstacle PADDING: padded, padding, quilted, quilting
      obstacle RIVET: rivet, eyelet
      obstacle HANDLE: handle
      obstacle DRAWCORD: drawcord, drawstring
      obstacle REFLECTIVE_TAPE: reflective tape, reflective strip
      obstacle OLD_PRINT: old print, print already on, already printed
      obstacle EMBROIDERY: embroidery already on

      colour WHITE NEUTRAL: white, wht, snow
      colour LIGHT NEUTRAL: ivory, cream, natural, nat, ecru, ash, pale grey, light grey, light gray
      colour MEDIUM NEUTRAL: grey, gray, grey melange, gray melange, heather grey, silver, mid grey
      colour DARK NEUTRAL: black, blk, blck, charcoal, anthracite, dark grey, dark gray, jet
      colour LIGHT RED: pink, pale pink, rose, blush, salmon
      colour MEDIUM RED: red, coral, heather red, scarlet, hot pink, raspberry
      colour DARK RED: dark red, burgundy, maroon, wine, wine red, bordeaux, claret
      colour MEDIUM ORANGE: orange, rust, copper
      colour LIGHT ORANGE: apricot, peach
      colour LIGHT YELLOW: yellow, pale yellow, lemon, light yellow
      colour MEDIUM YELLOW: gold, mustard, ochre, amber
      colour LIGHT GREEN: mint, pale green, light green, sage, lime
      colour MEDIUM GREEN: green, olive, moss green, grass green
      colour DARK GREEN: dark green, bottle green, forest green, racing green
      colour LIGHT BLUE: light blue, sky blue, pale blue, baby blue, sky
      colour MEDIUM BLUE: blue, royal blue, royal, teal, turquoise, aqua, denim, cobalt, petrol
      colour DARK BLUE: navy, dark blue, navy blue, midnight blue, marine
      colour LIGHT PURPLE: lilac, lavender, light purple
      colour MEDIUM PURPLE: purple, violet, mauve
      colour DARK PURPLE: plum, aubergine, dark purple
      colour LIGHT BROWN: beige, sand, cream brown, stone colour, tan
      colour MEDIUM BROWN: brown, khaki, camel
      colour DARK BROWN: chocolate, dark brown
      colour LIGHT NEUTRAL: pale, light

      short white: wht
      short black: blk, blck
      short natural: nat
      """;

  private Phrases() {}
}

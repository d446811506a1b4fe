"""Makes the program's typeface from Debian's Inter: tabular figures as the default digits, under a name of its own.

Qt 6.4 cannot switch font features on, so the digits (and their signs) are mapped to the glyphs that Inter's own `tnum`
feature would put in their place. The SIL Open Font License asks for a changed name, and for its text to come along.
"""
import sys
from fontTools.ttLib import TTFont

source, target, family, style = sys.argv[1:5]
font = TTFont(source)

swap = {}
table = font['GSUB'].table
lookups = {i for record in table.FeatureList.FeatureRecord if record.FeatureTag == 'tnum'
           for i in record.Feature.LookupListIndex}
for index in lookups:
    for sub in table.LookupList.Lookup[index].SubTable:
        sub = getattr(sub, 'ExtSubTable', sub)
        swap.update(getattr(sub, 'mapping', {}))
# Figures and what stands among them: signs, points, blanks. Letters keep their own widths.
wanted = set(range(0x30, 0x3A)) | {ord(c) for c in '+−±.,: '}
for cmap in font['cmap'].tables:
    for code, glyph in list(cmap.cmap.items()):
        if code in wanted and chr(code).isdigit() and glyph in swap:
            cmap.cmap[code] = swap[glyph]

# The 4 of the heavier weights is a unit narrower than the others: made as wide, so that texts which differ in their
# figures alone are of one width to the last pixel.
figures = {glyph for cmap in font['cmap'].tables for code, glyph in cmap.cmap.items() if 0x30 <= code < 0x3A}
widest = max(font['hmtx'][glyph][0] for glyph in figures)
for glyph in figures:
    assert widest - font['hmtx'][glyph][0] <= 8, f'{glyph} is no figure of a table'
    font['hmtx'][glyph] = (widest, font['hmtx'][glyph][1])

for record in list(font['name'].names):
    if record.nameID in (1, 16):
        record.string = family
    elif record.nameID in (2, 17):
        record.string = style
    elif record.nameID == 4:
        record.string = f'{family} {style}'
    elif record.nameID == 6:
        record.string = f'{family}-{style}'.replace(' ', '')
    elif record.nameID in (3, 21, 22, 25):
        font['name'].names.remove(record)
if 'CFF ' in font:
    top = font['CFF '].cff
    top.fontNames[0] = f'{family}-{style}'.replace(' ', '')
    top[0].FamilyName, top[0].FullName = family, f'{family} {style}'
font.save(target)

#!/usr/bin/env python3
"""Makes made.xlsx (openpyxl 3.0) and made.ods (odfpy 1.4): two minutes in rows of a second, by arithmetic that
tst_workbooks.cpp repeats. The first sheet holds notes; a moment is a date of the spreadsheet."""
import datetime
import math

import openpyxl
from odf.opendocument import OpenDocumentSpreadsheet
from odf.table import Table, TableCell, TableRow
from odf.text import P

BEGIN = datetime.datetime(2026, 5, 14, 16, 41, 7)
HEAD = ['When', 'Elapsed', 'Lat', 'Lon', 'Volts', 'Amps', 'Throttle', 'Remark']


def row(i):
    return [BEGIN + datetime.timedelta(seconds=i), datetime.timedelta(seconds=i), 52.0 + 1e-5 * i, 7.0 + 2e-5 * i,
            16.4 - 0.01 * i, 5.0 + math.sin(i), 0.4 + 0.001 * i, 'turn, then home' if i == 60 else None]


book = openpyxl.Workbook()
book.active.append(['Flight of the day'])
sheet = book.create_sheet('Log')
sheet.append(HEAD)
for i in range(120):
    sheet.append(row(i))
    sheet.cell(sheet.max_row, 2).number_format = '[h]:mm:ss'
    sheet.cell(sheet.max_row, 7).number_format = '0.0%'
book.save('made.xlsx')

document = OpenDocumentSpreadsheet()
notes = Table(name='Notes')
document.spreadsheet.addElement(notes)
table = Table(name='Log')


def cell(value, share=False):
    if share and isinstance(value, float):
        return TableCell(valuetype='percentage', value=repr(value))
    if value is None:
        return TableCell()
    if isinstance(value, str):
        made = TableCell(valuetype='string')
        made.addElement(P(text=value))
        return made
    if isinstance(value, datetime.datetime):
        return TableCell(valuetype='date', datevalue=value.isoformat())
    if isinstance(value, datetime.timedelta):
        seconds = int(value.total_seconds())
        return TableCell(valuetype='time', timevalue=f'PT{seconds // 3600:02}H{seconds // 60 % 60:02}M{seconds % 60:02}S')
    return TableCell(valuetype='float', value=repr(value))


for cells in [HEAD] + [row(i) for i in range(120)]:
    made = TableRow()
    for place, value in enumerate(cells):
        made.addElement(cell(value, place == 6))
    table.addElement(made)
document.spreadsheet.addElement(table)
document.save('made.ods')

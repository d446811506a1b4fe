#!/usr/bin/env perl
# Makes made.xls (Spreadsheet::WriteExcel 2.40): the flight of make_workbooks.py, its amps as what formulas came to, and
# remarks in two alphabets that are longer than one record holds.
use strict;
use warnings;
use utf8;
use Spreadsheet::WriteExcel;

my $book = Spreadsheet::WriteExcel->new('made.xls');
$book->add_worksheet('Notes')->write_string(0, 0, 'Flight of the day');
my $sheet = $book->add_worksheet('Log');
my $moment = $book->add_format(num_format => 'yyyy-mm-dd hh:mm:ss');
my $elapsed = $book->add_format(num_format => '[h]:mm:ss');
my $share = $book->add_format(num_format => '0.0%');
my @head = qw(When Elapsed Lat Lon Volts Amps Throttle Remark);
$sheet->write_string(0, $_, $head[$_]) for 0 .. $#head;
my $day = 46156;    # 14 May 2026
for my $i (0 .. 119) {
    my $row = $i + 1;
    $sheet->write_number($row, 0, $day + (16 * 3600 + 41 * 60 + 7 + $i) / 86400, $moment);
    $sheet->write_number($row, 1, $i / 86400, $elapsed);
    $sheet->write_number($row, 2, 52 + 1e-5 * $i);
    $sheet->write_number($row, 3, 7 + 2e-5 * $i);
    $sheet->write_number($row, 4, 16.4 - 0.01 * $i);
    $sheet->write_formula($row, 5, "=5+SIN($i)", undef, 5 + sin($i));
    $sheet->write_number($row, 6, 0.4 + 0.001 * $i, $share);
    $sheet->write_string($row, 7, 'turn, then home') if $i == 60;
    $sheet->write_string($row, 7, "$i " . 'gust ' x 40) if $i > 60 && $i % 2 == 1;
    $sheet->write_string($row, 7, "$i " . 'ветер ' x 40) if $i > 60 && $i % 2 == 0;
}
$book->close();

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer;
use App\Records\Moment;
use App\Records\OrderFile;
use App\Reports\OrderReport;
use App\Reports\ReadingsCsv;
use App\Reports\ReportFile;
use App\Reports\ReportKind;
use App\Reports\ReportResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** An order's reports, for those of the shop. */
final readonly class ReportController
{
    public function __construct(private OrderReport $report, private ReportFile $files) {}

    public function html(Request $request, string $order, string $kind): Response
    {
        return ReportResponse::html($this->report->html(OrderFile::open(Answer::user($request), $order), ReportKind::from($kind), Moment::now()));
    }

    public function pdf(Request $request, string $order, string $kind): Response
    {
        $file = OrderFile::open(Answer::user($request), $order);
        $wanted = ReportKind::from($kind);

        return ReportResponse::pdf($this->files->of($file, $wanted), OrderReport::name($file, $wanted, 'pdf'));
    }

    public function csv(Request $request, string $order): Response
    {
        $file = OrderFile::open(Answer::user($request), $order);

        return ReportResponse::download(ReadingsCsv::of($file), 'text/csv; charset=utf-8', 'lumbro-' . preg_replace('/[^\w-]/', '', $file->row->number) . '-readings.csv');
    }
}

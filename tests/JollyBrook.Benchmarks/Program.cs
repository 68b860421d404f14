using JollyBrook.Benchmarks;

// Prints one table a question; nothing here decides what is good enough, the limits stand beside the figures.
var native = NativeTimes.Measure();
using var page = new PageTimes();
var inPage = page.Calculations();

Console.WriteLine();
Console.WriteLine("Each calculation, JSON in to JSON out, median              limits: 0.2 ms native, 5 ms in the page; chains 20 ms in the page");
Console.WriteLine($"{"",-28}{"native",12}{"in the page",14}{"ratio",9}");
foreach (var request in Requests.All)
{
    var (n, p) = (native[request.Name], inPage[request.Name]);
    Console.WriteLine($"{request.Name,-28}{n,9:F3} ms{p,11:F2} ms{p / n,8:F0}×");
}

var visits = page.Visits();
Console.WriteLine();
Console.WriteLine("Visits to Treat                                            limits: 2.5 MB, 2.5 s first, 1 s repeat");
Console.WriteLine($"{"",-28}{"median",12}{"fastest",14}{"slowest",12}");
foreach (var (name, times) in visits.Times)
{
    Console.WriteLine($"{name,-28}{Statistics.Median(times),9:F0} ms{times.Min(),11:F0} ms{times.Max(),9:F0} ms");
}

Console.WriteLine($"{"first visit, all bytes sent",-28}{visits.FirstVisitBytes / 1e6,9:F2} MB");

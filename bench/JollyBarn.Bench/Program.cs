using BenchmarkDotNet.Columns;
using BenchmarkDotNet.Configs;
using BenchmarkDotNet.Exporters;
using BenchmarkDotNet.Jobs;
using BenchmarkDotNet.Loggers;
using BenchmarkDotNet.Running;
using JollyBarn.Bench;

if (args is ["--write", var into])
{
    Inputs.Write(into);
    return;
}

if (args is ["--oracle"])
{
    OracleTable.Print();
    return;
}

if (args is ["--remedies", var demo])
{
    RemedyTable.Print(demo);
    return;
}

if (args is ["--record"])
{
    await RecordTable.PrintAsync();
    return;
}

if (args is ["--forced"])
{
    await ForcedTable.PrintAsync();
    return;
}

if (args is ["--walks"])
{
    WalkTable.Print();
    return;
}

if (args is ["--ways", var house, var cuts])
{
    WayTable.Print(house, cuts);
    return;
}

if (args is ["--practice"])
{
    PracticeTable.Print();
    return;
}

if (args is ["--hunts", var hunts, var covers])
{
    HuntTable.Print(hunts, covers);
    return;
}

if (args is ["--cards", var cards])
{
    CardTable.Print(cards);
    return;
}

if (args is ["--solver"])
{
    SolverSideBySide.Print();
    SolverSideBySide.PrintFaults();
    return;
}

var config = ManualConfig
    .CreateEmpty()
    .AddJob(Job.ShortRun.WithToolchain(BenchmarkDotNet.Toolchains.InProcess.NoEmit.InProcessNoEmitToolchain.Instance))
    .AddColumnProvider(DefaultColumnProviders.Descriptor)
    .AddColumn(StatisticColumn.Median, StatisticColumn.Error)
    .AddDiagnoser(BenchmarkDotNet.Diagnosers.MemoryDiagnoser.Default)
    .AddColumnProvider(DefaultColumnProviders.Metrics)
    .AddExporter(MarkdownExporter.GitHub)
    .AddLogger(ConsoleLogger.Default)
    .WithArtifactsPath(args is [var folder] ? folder : "BenchmarkDotNet.Artifacts");
BenchmarkRunner.Run<FillBenchmarks>(config);
BenchmarkRunner.Run<SupplyBenchmarks>(config);
BenchmarkRunner.Run<LiveBenchmarks>(config);
await Heap.PrintAsync();

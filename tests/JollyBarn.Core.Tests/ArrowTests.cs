using ArchUnitNET.Loader;
using ArchUnitNET.xUnitV3;
using JollyBarn.Store;
using JollyBarn.Wiring;
using static ArchUnitNET.Fluent.ArchRuleDefinition;
using static ArchUnitNET.Fluent.Slices.SliceRuleDefinition;

namespace JollyBarn.Core.Tests;

/// <summary>Arrows point one way: Measures ← Terms ← CodeBook ← Wiring ← Edits; Wiring ← Fill, Electrics ← Connection ← Inspection ←
/// Planning, Tracing ← Practice ← Telling;
/// all ← OpenFile; Core ← Store. The folders inside them make no circle either.</summary>
public class ArrowTests
{
    private static readonly ArchUnitNET.Domain.Architecture Parts = new ArchLoader()
        .LoadAssemblies(typeof(Job).Assembly, typeof(JobStore).Assembly)
        .Build();

    [Theory]
    [InlineData(
        "Measures",
        "Terms|CodeBook|Wiring|Edits|Fill|Electrics|Connection|Inspection|Planning|Making|Walls|Tracing|Practice|Telling|OpenFile|Store"
    )]
    [InlineData(
        "Terms",
        "CodeBook|Wiring|Edits|Fill|Electrics|Connection|Inspection|Planning|Making|Walls|Tracing|Practice|Telling|OpenFile|Store"
    )]
    [InlineData(
        "CodeBook",
        "Wiring|Edits|Fill|Electrics|Connection|Inspection|Planning|Making|Walls|Tracing|Practice|Telling|OpenFile|Store"
    )]
    [InlineData("Wiring", "Edits|Fill|Electrics|Connection|Inspection|Planning|Making|Walls|Tracing|Practice|Telling|OpenFile|Store")]
    [InlineData("Edits", "Fill|Electrics|Connection|Inspection|Planning|Making|Walls|Tracing|Practice|Telling|OpenFile|Store")]
    [InlineData("Fill", "Edits|Electrics|Connection|Inspection|Planning|Making|Walls|Tracing|Practice|Telling|OpenFile|Store")]
    [InlineData("Electrics", "Edits|Fill|Connection|Inspection|Planning|Making|Walls|Tracing|Practice|Telling|OpenFile|Store")]
    [InlineData("Connection", "Edits|Fill|Inspection|Planning|Making|Walls|Tracing|Practice|Telling|OpenFile|Store")]
    [InlineData("Inspection", "Edits|Planning|Making|Walls|Tracing|Practice|Telling|OpenFile|Store")]
    [InlineData("Planning", "Making|Tracing|Practice|Telling|OpenFile|Store")]
    [InlineData("Making", "Tracing|Practice|Telling|OpenFile|Store")]
    [InlineData("Walls", "Edits|Planning|Making|Tracing|Practice|Telling|OpenFile|Store")]
    [InlineData("Tracing", "Planning|Making|Practice|Telling|OpenFile|Store")]
    [InlineData("Practice", "Telling|OpenFile|Store")]
    [InlineData("Telling", "OpenFile|Store")]
    [InlineData("OpenFile", "Telling|Store")]
    public void Nothing_points_back(string from, string to) =>
        Types()
            .That()
            .ResideInNamespaceMatching($@"^JollyBarn\.{from}")
            .Should()
            .NotDependOnAny(Types().That().ResideInNamespaceMatching($@"^JollyBarn\.({to})"))
            .Check(Parts);

    [Fact]
    public void No_folders_make_a_circle() => Slices().Matching("JollyBarn.(**)").Should().BeFreeOfCycles().Check(Parts);

    [Fact]
    public void Core_needs_nothing_but_the_framework() =>
        Assert.All(typeof(Job).Assembly.GetReferencedAssemblies(), a =>
            Assert.True(a.Name!.StartsWith("System.", StringComparison.Ordinal) || a.Name is "netstandard", a.Name)
        );
}

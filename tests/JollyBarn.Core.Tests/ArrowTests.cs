using ArchUnitNET.Loader;
using ArchUnitNET.xUnit;
using JollyBarn.Store;
using JollyBarn.Wiring;
using static ArchUnitNET.Fluent.ArchRuleDefinition;

namespace JollyBarn.Core.Tests;

/// <summary>Arrows point one way: Measures ← CodeBook ← Wiring ← Edits; Wiring ← Fill, Electrics ← Inspection ← Planning; all ← OpenFile;
/// Core ← Store.</summary>
public class ArrowTests
{
    private static readonly ArchUnitNET.Domain.Architecture Parts = new ArchLoader()
        .LoadAssemblies(typeof(Job).Assembly, typeof(JobStore).Assembly)
        .Build();

    [Theory]
    [InlineData("Measures", "CodeBook|Wiring|Edits|Fill|Electrics|Inspection|Planning|OpenFile|Store")]
    [InlineData("CodeBook", "Wiring|Edits|Fill|Electrics|Inspection|Planning|OpenFile|Store")]
    [InlineData("Wiring", "Edits|Fill|Electrics|Inspection|Planning|OpenFile|Store")]
    [InlineData("Edits", "Fill|Electrics|Inspection|Planning|OpenFile|Store")]
    [InlineData("Fill", "Edits|Electrics|Inspection|Planning|OpenFile|Store")]
    [InlineData("Electrics", "Edits|Fill|Inspection|Planning|OpenFile|Store")]
    [InlineData("Inspection", "Edits|Planning|OpenFile|Store")]
    [InlineData("Planning", "OpenFile|Store")]
    [InlineData("OpenFile", "Store")]
    public void Nothing_points_back(string from, string to) =>
        Types()
            .That()
            .ResideInNamespaceMatching($@"^JollyBarn\.{from}")
            .Should()
            .NotDependOnAny(Types().That().ResideInNamespaceMatching($@"^JollyBarn\.({to})"))
            .Check(Parts);

    [Fact]
    public void Core_needs_nothing_but_the_framework() =>
        Assert.All(typeof(Job).Assembly.GetReferencedAssemblies(), a =>
            Assert.True(a.Name!.StartsWith("System.", StringComparison.Ordinal) || a.Name is "netstandard", a.Name)
        );
}

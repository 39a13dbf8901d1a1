using JollyBarn.CodeBook;
using JollyBarn.Making;
using JollyBarn.Practice.Asked;
using JollyBarn.Practice.Sheets;
using JollyBarn.Telling.Practised;
using JollyBarn.Tracing.Hunting;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests.Practising;

/// <summary>Questions of making up, and of what to test next.</summary>
public class MakingAskedTests
{
    private static readonly Edition[] Editions = Enum.GetValues<Edition>();

    private static IEnumerable<AskedItem> Some(AskedKind kind, int count) =>
        Enumerable.Range(1, count).Select(n => MakeItems.Make(n, 1 + (n % 5), Editions[n % 3], kind));

    /// <summary>Common practice, from memory of what packages and gauges say: half an inch under a twist-on, 7/16 into a lever, three
    /// quarters for a crimped sleeve and for a hook round a screw, half an inch into a hole.</summary>
    [Theory]
    [InlineData("twist-on", "0.5")]
    [InlineData("lever", "0.4375")]
    [InlineData("crimp", "0.75")]
    [InlineData("strip.hook", "0.75")]
    [InlineData("strip.port", "0.5")]
    public void Stripped_is_what_its_package_says(string of, string inches)
    {
        var items = Some(AskedKind.Strip, 120).Where(i => i.Of.StartsWith(of, StringComparison.Ordinal)).ToList();
        Assert.NotEmpty(items);
        Assert.All(items, i => Assert.Equal(inches, i.Options[i.Right]));
        Assert.All(items, i => Assert.Equal(i.Options.Count, i.Options.Distinct().Count()));
    }

    /// <summary>NEC 200.6(A), 200.7, 250.119: a grounded conductor is white or grey, a ground bare or green, and nothing else is any of
    /// these; small insulated wires are not marked over.</summary>
    [Fact]
    public void A_colour_is_what_its_article_lets_it_be()
    {
        var allowed = new Dictionary<ConductorUse, string[]>
        {
            [ConductorUse.Neutral] = ["white", "grey"],
            [ConductorUse.Ground] = ["bare", "green"],
            [ConductorUse.Hot] = ["black", "red", "blue"],
        };
        var items = Some(AskedKind.Colour, 30).ToList();
        foreach (var item in items)
        {
            var may = item.Options.Where(o => allowed[item.Coloured!.Use].Contains(o)).ToList();
            Assert.Equal(item.Coloured!.May ? [item.Options[item.Right]] : item.Options.Except([item.Options[item.Right]]), may);
        }

        Assert.Equal(3, items.Select(i => i.Coloured!.Use).Distinct().Count());
        Assert.Contains(items, i => !i.Coloured!.May);
    }

    /// <summary>Common practice: off and proved before anything, grounds before neutrals before hots, joints before the leads are folded,
    /// folded before devices, the plate before power, readings after it.</summary>
    [Fact]
    public void What_comes_first_is_first_in_the_trade()
    {
        StepCase[] order =
        [
            StepCase.Off,
            StepCase.Joint,
            StepCase.FoldBack,
            StepCase.Terminal,
            StepCase.Fix,
            StepCase.PlateOn,
            StepCase.PowerOn,
            StepCase.Readings,
        ];
        string[] joints = ["joint.grounds", "joint.neutrals"];
        var items = Some(AskedKind.FirstStep, 18).ToList();
        foreach (var item in items)
        {
            var steps = item.Order!.Steps;
            var first = steps[int.Parse(item.Options[item.Right], System.Globalization.CultureInfo.InvariantCulture)];
            Assert.Equal(steps.Min(s => Array.IndexOf(order, s.Case)), Array.IndexOf(order, first.Case));
            if (first.Case == StepCase.Joint)
            {
                int Of(CardStep step) => Array.IndexOf(joints, step.Key) is >= 0 and var at ? at : joints.Length;
                Assert.Equal(steps.Where(s => s.Case == StepCase.Joint).Min(Of), Of(first));
            }
        }

        Assert.True(items.Select(i => i.Right).Distinct().Count() > 2);
        Assert.Contains(items, i => i.Order!.Steps[0].Case == StepCase.Joint);
    }

    /// <summary>Of the tests on offer the right one shows most different things for what may be wrong, each solved in a house of its
    /// own.</summary>
    [Fact]
    public void The_next_test_tells_most_apart()
    {
        foreach (var item in Enumerable.Range(1, 8).Select(n => TesterItems.Make(n, 1 + (n % 5), Editions[n % 3], AskedKind.TesterNext)))
        {
            var tested = item.Tested!;
            var told = tested.Tests.Select(t => Different(tested, t.Look)).ToList();
            Assert.All(told.Where((_, n) => n != item.Right), t => Assert.True(t < told[item.Right], string.Join(' ', told)));
            Assert.Equal(4, AskedTeller.Tell(item).Given.Distinct().Count());
        }
    }

    private static int Different(JollyBarn.Practice.Asked.Tested tested, AskedLook look)
    {
        var seen = new List<Sight>();
        foreach (var suspect in tested.Suspects)
        {
            var sight = Predicting.Of(Scene.Apart(tested.Job, [])[0], suspect, [look])[0].Likeliest;
            if (
                !seen.Exists(s =>
                    s.Same(sight) || (s.Case == sight.Case && sight.Case == SeenCase.Figure && Math.Abs(s.Value - sight.Value) < 1)
                )
            )
            {
                seen.Add(sight);
            }
        }

        return seen.Count;
    }

    /// <summary>Both stand on sheets, each learner's own.</summary>
    [Fact]
    public void They_stand_on_a_sheet()
    {
        var ask = new SheetAsk([SheetKind.Making, SheetKind.Next], 3, 4, 11, Edition.Nec2023);
        var (one, other) = (PracticeSheet.Of(ask, 1), PracticeSheet.Of(ask, 2));
        Assert.All(one, i => Assert.NotNull(i.Asked));
        Assert.NotEqual(Text(one), Text(other));
        Assert.Equal(Text(one), Text(PracticeSheet.Of(ask, 1)));

        static string Text(IReadOnlyList<SheetItem> sheet) =>
            string.Join(
                '|',
                sheet.Select(i => AskedTeller.Tell(i.Asked!)).Select(t => t.Asks + string.Join('/', t.Given.Concat(t.Options)))
            );
    }
}

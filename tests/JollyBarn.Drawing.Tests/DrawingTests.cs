using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Drawing.Tests;

/// <summary>The numbers the Bench's drawing must hold, on two hundred generated boxes.</summary>
public sealed class DrawingTests(Drawn drawn, ITestOutputHelper output) : IClassFixture<Drawn>
{
    private const double Apart = 4;
    private const double NearNode = 24;
    private const double AtCrossing = 14;

    [Fact]
    public void Every_lead_and_pigtail_is_drawn_once()
    {
        for (var i = 0; i < Drawn.Count; i++)
        {
            var box = drawn.Jobs[i].Boxes["b"];
            Assert.Equal(
                box.Leads.Ids.Concat(box.Pigtails.Ids).Texts().Order(StringComparer.Ordinal),
                drawn.Boxes[i].Strands.Select(s => s.Id).Order(StringComparer.Ordinal)
            );
        }
    }

    [Fact]
    public void A_strand_ends_at_the_joint_or_device_the_model_says()
    {
        for (var i = 0; i < Drawn.Count; i++)
        {
            var (box, picture) = (drawn.Jobs[i].Boxes["b"], drawn.Boxes[i]);
            foreach (var (id, lead) in box.Leads.Where(l => l.Value is { Form: LeadForm.Ended, Run: not null }))
            {
                var end = picture.Strands.Single(s => s.Id == id).Points[^1];
                if (lead.Lands.At == LandingAt.Joint)
                {
                    Assert.InRange(end.Y, Top(picture, "middle", lead.Lands.Joint!), Bottom(picture, "middle", lead.Lands.Joint!));
                }
                else if (lead.Lands.At == LandingAt.Terminal)
                {
                    Assert.InRange(
                        end.Y,
                        Top(picture, "blocks", "d:" + lead.Lands.Device),
                        Bottom(picture, "blocks", "d:" + lead.Lands.Device)
                    );
                    Assert.InRange(end.X, picture.At("block"), picture.At("block") + 24);
                }
            }
        }
    }

    [Fact]
    public void No_strand_crosses_the_figure_of_another_and_no_two_figures_overlap()
    {
        var bad = new List<string>();
        for (var i = 0; i < Drawn.Count; i++)
        {
            foreach (var (a, b) in Pairs(drawn.Boxes[i]))
            {
                if (Lines.Crosses(a, b.Label) || Lines.Crosses(b, a.Label) || a.Label.Meets(b.Label))
                {
                    bad.Add($"box {i + 1}: {a.Id}, {b.Id}");
                }
            }
        }

        Assert.True(bad.Count == 0, string.Join("\n", bad.Take(20)));
    }

    [Fact]
    public void Strands_stay_four_pixels_apart_but_where_they_cross_or_meet()
    {
        var bad = new List<string>();
        for (var i = 0; i < Drawn.Count; i++)
        {
            var picture = drawn.Boxes[i];
            foreach (var (a, b) in Pairs(picture))
            {
                var crossings = Lines.Crossings(a, b);
                var shared = Shared(picture, drawn.Jobs[i].Boxes["b"], a.Id, b.Id).ToList();
                var pieces = Lines.Pieces(b).ToList();
                var least = Lines
                    .Along(a)
                    .Where(p => crossings.All(c => Lines.Distance(c, p) > AtCrossing) && shared.All(s => s.Distance(p) > NearNode))
                    .Select(p => pieces.Min(q => Lines.Distance(p, q)))
                    .DefaultIfEmpty(double.MaxValue)
                    .Min();
                if (least - ((a.Width + b.Width) / 2) < Apart - 1e-6)
                {
                    bad.Add($"box {i + 1}: {a.Id} and {b.Id} are {least - ((a.Width + b.Width) / 2):0.0} px apart");
                }
            }
        }

        Assert.True(bad.Count == 0, $"{bad.Count}\n" + string.Join("\n", bad.Take(20)));
    }

    [Fact]
    public void Strands_cross_as_often_as_is_said_and_hardly_more_than_a_long_search_finds()
    {
        var (sum, best, plain) = (0, 0, 0);
        for (var i = 0; i < Drawn.Count; i++)
        {
            var picture = drawn.Boxes[i];
            var seen = Pairs(picture).Sum(p => Lines.Crossings(p.A, p.B).Count);
            Assert.True(seen == picture.Crossings, $"box {i + 1}: {seen} crossings drawn, {picture.Crossings} said");
            var least = new LongSearch(picture.Json["graph"]!).Best();
            Assert.True(least > 0 || picture.Crossings == 0, $"box {i + 1} can be drawn without a crossing and has {picture.Crossings}");
            (sum, best, plain) = (sum + picture.Crossings, best + Math.Min(least, picture.Crossings), plain + picture.Plain);
        }

        output.WriteLine($"{sum} crossings; a long search finds {best}, a barycentre pass alone {plain}");
        Assert.True(sum <= 1.2 * best, $"{sum} crossings, a long search finds {best}");
        Assert.True(plain > sum, "a barycentre pass alone should do worse, or the search is for nothing");
    }

    [Fact]
    public void One_more_cable_does_not_reshuffle_the_rest()
    {
        var (turned, pairs) = (0, 0);
        for (var i = 0; i < Drawn.Count; i++)
        {
            var (before, after) = (drawn.Boxes[i].Middle, drawn.After[i].Middle);
            var kept = before.Where(after.Contains).ToList();
            for (var a = 0; a < kept.Count; a++)
            {
                for (var b = a + 1; b < kept.Count; b++)
                {
                    pairs++;
                    turned += after.ToList().IndexOf(kept[a]) > after.ToList().IndexOf(kept[b]) ? 1 : 0;
                }
            }
        }

        output.WriteLine($"{turned} of {pairs} pairs turned");
        Assert.True(turned <= pairs / 50, $"{turned} of {pairs} pairs turned");
    }

    private static IEnumerable<(Strand A, Strand B)> Pairs(Drawing picture) =>
        picture.Strands.SelectMany((a, i) => picture.Strands.Skip(i + 1).Select(b => (a, b)));

    private static double Top(Drawing picture, string column, string id) => (double)Item(picture, column, id)["top"]!;

    private static double Bottom(Drawing picture, string column, string id) =>
        Top(picture, column, id) + (double)Item(picture, column, id)["height"]!;

    private static System.Text.Json.Nodes.JsonNode Item(Drawing picture, string column, string id) =>
        picture.Json[column]!.AsArray().Single(n => (string)n!["id"]! == id)!;

    /// <summary>Cuffs, joints and landing places that two strands share, as areas of the drawing.</summary>
    private static IEnumerable<Area> Shared(Drawing picture, Box box, string a, string b)
    {
        var (leadA, leadB) = (box.Leads.Find(a), box.Leads.Find(b));
        if (leadA?.Run is { } run && run == leadB?.Run)
        {
            foreach (var cuff in picture.Json["cuffs"]!.AsArray().Where(c => ((string)c!["id"]!).StartsWith(run, StringComparison.Ordinal)))
            {
                yield return new(picture.At("cuff"), (double)cuff!["top"]!, 14, (double)cuff["height"]!);
            }
        }

        foreach (
            var at in Ends(box, a)
                .Intersect(Ends(box, b))
                .Where(e => e.At is LandingAt.Joint or LandingAt.Terminal or LandingAt.BondingScrew)
        )
        {
            yield return at.At == LandingAt.Joint
                ? new(
                    picture.At("middle"),
                    Top(picture, "middle", at.Joint!),
                    126,
                    Bottom(picture, "middle", at.Joint!) - Top(picture, "middle", at.Joint!)
                )
                : new(picture.At("block"), 0, 24, 10_000);
        }
    }

    private static IEnumerable<Landing> Ends(Box box, string id) =>
        box.Pigtails.Find(id) is { } tail ? [tail.From, tail.To] : [box.Leads[id].Lands];
}

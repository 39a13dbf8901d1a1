using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Planning.Ways;
using JollyBarn.Testing;

namespace JollyBarn.Core.Tests.Ways;

/// <summary>No way is called good while something that decides is unknown.</summary>
public sealed class WayKnownTests
{
    private static readonly StandInShop Shop = new();

    /// <summary>A mark says that power comes there, and no recorded cable goes to the panel.</summary>
    [Fact]
    public void Power_that_nobody_followed_is_looked_at_first()
    {
        var wish = new Wish(WishKind.MoreOutlets, "b") { Closed = true, Under = false };
        var marked = SmallHouse.Receptacle(box: "ow-1g-20.5");
        var open = WaySearch.Find(marked, wish, Shop).Ways.Where(w => w.Choice.From is not null).ToList();
        Assert.NotEmpty(open);
        Assert.All(open, w => Assert.True(w.Choice.Open.Contains(WayOpen.Feed) && !w.Decided));
        var followed = WaySearch.Find(SmallHouse.Followed(marked), wish, Shop).Ways.Where(w => w.Choice.From is not null).ToList();
        Assert.NotEmpty(followed);
        Assert.All(followed, w => Assert.DoesNotContain(WayOpen.Feed, w.Choice.Open));
    }

    /// <summary>What is done by hand waits until somebody looks again: it is not told as settled.</summary>
    [Fact]
    public void What_waits_for_a_look_is_not_told_as_settled()
    {
        var waiting = 0;
        foreach (var (id, box) in Demo.Present.Boxes)
        {
            foreach (var verdict in Inspector.Judge(Demo.Present, id, box).Where(f => f.Verdict is Verdict.Stop or Verdict.Fix).Take(4))
            {
                bool Is(Finding f) => f.Rule == verdict.Rule && f.Of == verdict.Of;
                var wish = new Wish(WishKind.MendVerdict, id, Rule: verdict.Rule, Of: verdict.Of);
                foreach (var way in WaySearch.Find(Demo.Present, wish, Shop).Ways)
                {
                    var then = Inspector.Judge(way.After, id, way.After.Boxes[id]);
                    var waits = then.Any(f => Is(f) && f.Verdict == Verdict.Measure);
                    Assert.Equal(waits, way.Measure.Any(m => m.Box == id && Is(m.Finding)));
                    Assert.False(waits && (way.Decided || way.Gone.Any(g => g.Box == id && Is(g))));
                    waiting += waits ? 1 : 0;
                }
            }
        }

        Assert.True(waiting > 3, $"{waiting} ways wait");
    }
}

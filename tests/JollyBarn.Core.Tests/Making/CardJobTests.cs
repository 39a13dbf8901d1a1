using JollyBarn.Edits;
using JollyBarn.Making;
using JollyBarn.OpenFile;
using JollyBarn.Planning;
using JollyBarn.Planning.Ways;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests.Making;

/// <summary>The jobs the planner knows, planned by it in the ferry keeper's house and done by their cards: each ends as planned, in the
/// order people work in (common practice), and leaves no end on nothing.</summary>
public sealed class CardJobTests
{
    private static readonly Job House = JobFiles
        .Shipped(File.ReadAllBytes(Path.Combine(Checkout.Root, "demo", "ferry-keepers-house.json")))
        .Present;

    public static TheoryData<string> Jobs =>
        ["extend", "extend protected", "enlarge", "add a device", "box for the splice", "replace a device"];

    private static Wish Of(string job) =>
        job switch
        {
            "extend" => new(WishKind.MoreOutlets, "press-left", Place: "press") { Closed = true, Under = false },
            "extend protected" => new(WishKind.MoreOutlets, "east-bed", Place: "east") { Closed = true },
            "enlarge" => new(WishKind.Bigger, "press-right") { Closed = true },
            "add a device" => new(WishKind.AddDevice, "press-left") { Device = "receptacle" },
            "box for the splice" => new(WishKind.BoxForSplice, "drying"),
            _ => new(WishKind.ReplaceDevice, "east-bed"),
        };

    [Theory]
    [MemberData(nameof(Jobs))]
    public void A_job_of_the_planner_ends_as_planned(string name)
    {
        var ways = WaySearch.Find(House, Of(name), new StandInShop(), most: 6).Ways;
        Assert.NotEmpty(ways);
        foreach (var way in ways.Take(3))
        {
            var job = House.Do(new OpenChange("new", "New"), new PlanEdit("new", "p", way.Edit));
            var planned = ChangeWork.Planned(job, "new");
            Id<Box>[] boxes = [.. planned.Boxes.Where(b => !ReferenceEquals(House.Boxes.Find(b.Key), b.Value)).Select(b => b.Key)];
            var walk = new CardWalk("new");
            Assert.True(name != "replace a device" || walk.Steps(job, "east-bed").Exists(s => s.Case == StepCase.TakeOff));
            // New boxes first, then those power is taken from: what is fed last is connected last.
            foreach (var box in boxes.OrderBy(b => House.Boxes.Has(b)))
            {
                var from = walk.Walked.Count;
                job = walk.Through(job, box);
                Assert.Empty(BoxDifference.Between(ChangeWork.AsLeft(job, "new"), ChangeWork.Planned(job, "new"), box));
                var stages = walk.Walked.Skip(from).Select(s => s.Stage).ToList();
                Assert.True(stages.Order().SequenceEqual(stages), string.Join(", ", walk.Walked.Skip(from).Select(s => s.Key)));
                Assert.DoesNotContain(walk.Walked.Skip(from), s => s.Case == StepCase.LooseEnds);
            }
        }
    }
}

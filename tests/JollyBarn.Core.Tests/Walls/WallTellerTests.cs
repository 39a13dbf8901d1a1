using System.Text.RegularExpressions;
using JollyBarn.Telling.Walls;
using JollyBarn.Wiring;
using static JollyBarn.Core.Tests.Walls.WallHouse;

namespace JollyBarn.Core.Tests.Walls;

/// <summary>What is said of a wall: lengths one reads off a tape, and from where.</summary>
public sealed class WallTellerTests
{
    private const string Now = "2026-10-06T08:00:00Z";

    public static TheoryData<string> DemoWalls() => [.. Demo.Present.Walls.Ids];

    /// <summary>Every number of the demo's walls is said with what the tape is held to, and each sentence is one.</summary>
    [Theory]
    [MemberData(nameof(DemoWalls))]
    public void Every_number_of_the_demo_says_from_where(string id)
    {
        var wall = WallTeller.Tell(Demo.Present, id, "Ines", Now)!;
        Assert.All(wall.Boxes.SelectMany(b => b.Numbers), n => Assert.Matches("from|of|over|under|beyond", n.Says));
        Assert.All(wall.Boxes, b => Assert.Equal(2, b.Numbers.Count(n => n.Used)));
        var sentences = wall
            .Boxes.Where(b => b.Cut is not null)
            .SelectMany(b => b.Cut!.Notes.Select(n => n.Says).Concat(b.Cut.Before).Append(b.Cut.Height))
            .Concat(wall.Drill)
            .Concat(wall.Set);
        Assert.All(sentences, s => Assert.Matches("^[A-Z0-9\"].*[.]$", s));
        Assert.DoesNotContain(sentences, s => Regex.IsMatch(s, @"\d{4,}|null|\{|\}"));
    }

    /// <summary>From the porch what is left inside is right.</summary>
    [Fact]
    public void Left_and_right_are_as_seen_from_the_face_the_box_is_on()
    {
        var job = With(Plain, ("door", Door("82")))
            .Box("in", Held("door", TapeTo.Low, "-20"), Floor("12"))
            .Box("out", Held("door", TapeTo.Low, "-20"), Floor("12"), WallSide.Far);
        Assert.Equal("middle 20 in to the left of the left edge of the door", Used(job, "in"));
        Assert.Equal("middle 20 in to the right of the right edge of the door", Used(job, "out"));
    }

    /// <summary>A cable in reach is named with its breaker; dead is what is proved dead by this person now, at a box it goes to.</summary>
    [Fact]
    public void Before_the_saw_what_is_live_comes_first()
    {
        var before = WallTeller.Tell(Demo.Present, "type-porch", "Ines", Now)!.Boxes.Single(b => b.Id == "type-door").Cut!.Before;
        Assert.Contains("breaker 3, Bindery benches: switch it off, hold it, and prove it dead.", before[0], StringComparison.Ordinal);
        Assert.Contains(before, b => b.Contains("Feeler hole", StringComparison.Ordinal));
        Assert.Contains(before, b => b.Contains("lead", StringComparison.Ordinal) && b.Contains("asbestos", StringComparison.Ordinal));
        Assert.Contains("Outdoors, call before you dig.", before);
    }

    /// <summary>Nothing recorded near is no word that there is nothing.</summary>
    [Fact]
    public void Nothing_recorded_is_never_called_dead()
    {
        var cut = WallTeller.Tell(With(Plain).Box("a", Left("30"), Floor("12")), "w", "Ines", Now)!.Boxes[0].Cut!;
        Assert.Equal("No cable is recorded near. That does not mean there is none: work as if it were live.", cut.Before[0]);
    }

    /// <summary>Bare studs with ½ in to come: the ⅜ in notch. A second board of ⅝ over one that is on: ⅝ in back, so a ring.</summary>
    [Fact]
    public void Boards_to_come_say_how_a_box_is_set()
    {
        var coming = new WallLayer("gypsum board", In("1/2"), false, true);
        var bare = WallTeller.Tell(With(Plain with { Layers = [coming] }), "w", "", Now)!;
        Assert.Contains("set boxes 3/8 in out of the bare studs for 1/2 in to come", Assert.Single(bare.Set), StringComparison.Ordinal);
        var second = Plain with { Layers = [coming with { Thickness = In("5/8") }, .. Plain.Layers] };
        var ring = Assert.Single(WallTeller.Tell(With(second), "w", "", Now)!.Set);
        Assert.Contains(
            "5/8 in behind the face, where 1/4 in is allowed: an extension ring of 5/8 in or deeper.",
            ring,
            StringComparison.Ordinal
        );
    }

    /// <summary>In 3½ in studs a ¾ in bit leaves 1⅜, ⅛ more than is asked; 1½ in leaves 1 in and is over 40 % of the stud.</summary>
    [Fact]
    public void Usual_bits_are_told_by_what_they_leave()
    {
        var drill = WallTeller.Tell(With(Plain with { Bears = true }), "w", "", Now)!.Drill;
        Assert.Contains("3/4 in bit: 1 3/8 in to each edge; off the middle by more than 1/8 in, a plate.", drill);
        Assert.Contains(drill, d => d.StartsWith("1 1/2 in bit: over the building code's share", StringComparison.Ordinal));
        var joists = WallTeller.Tell(With(Plain with { Kind = FaceKind.Ceiling }), "w", "", Now)!.Drill;
        Assert.Contains("Ask whoever answers for the structure", Assert.Single(joists), StringComparison.Ordinal);
    }

    [Fact]
    public void A_wall_that_is_not_there_is_none() => Assert.Null(WallTeller.Tell(Demo.Present, "nowhere", "", Now));

    private static string Used(Job job, string box) =>
        WallTeller.Tell(job, "w", "", Now)!.Boxes.Single(b => b.Id == box).Numbers.First(n => n is { Used: true, Up: false }).Says;
}

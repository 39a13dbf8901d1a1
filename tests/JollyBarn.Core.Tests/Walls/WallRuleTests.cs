using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Inspection.Rules;
using JollyBarn.Planning.Remedies;
using JollyBarn.Telling;
using JollyBarn.Wiring;
using static JollyBarn.Core.Tests.Walls.WallHouse;

namespace JollyBarn.Core.Tests.Walls;

/// <summary>Verdicts that stand on where boxes are on their wall, where nobody answered the question itself.</summary>
public sealed class WallRuleTests
{
    private static Job Two(string second) =>
        With(Plain with { Wide = In("288") })
            .Box("a", Left("72"), Floor("12"), device: "receptacle")
            .Box("b", Left(second), Floor("12"), device: "receptacle");

    /// <summary>12 ft between two are allowed, 210.52(A)(1); what is too far is told at both.</summary>
    [Theory]
    [InlineData("216", 0)]
    [InlineData("216 1/16", 1)]
    public void Receptacles_too_far_apart_along_a_wall_are_found(string second, int found)
    {
        var job = Two(second);
        Assert.Equal(found, Of(job, "a", "wall-spacing").Count);
        Assert.Equal(found, Of(job, "b", "wall-spacing").Count);
    }

    /// <summary>A receptacle put between them ends it, and taken off the wall brings it back: the verdict of one box hangs on
    /// another.</summary>
    [Fact]
    public void A_neighbour_that_comes_or_goes_changes_the_verdict()
    {
        var job = Two("230");
        Assert.Single(Of(job, "a", "wall-spacing"));
        var between = job.Box("c", Left("140"), Floor("12"), device: "receptacle");
        Assert.Empty(Of(between, "a", "wall-spacing"));
        // With no place, nobody knows whether it is between.
        Assert.Empty(Of(between.Do(new SetBoxWall("c", "w")), "a", "wall-spacing"));
        Assert.Single(Of(between.Do(new SetBoxWall("c")), "a", "wall-spacing"));
    }

    /// <summary>A workshop is not lived in: 210.52(A) does not ask there.</summary>
    [Fact]
    public void Where_the_code_does_not_ask_nothing_is_found() =>
        Assert.Empty(Of(Two("230").Do(new PutPlace("room", new Place("Room", Wetness.Dry, "workshop"))), "a", "wall-spacing"));

    /// <summary>What somebody measured goes before what the drawing has.</summary>
    [Fact]
    public void A_measured_distance_goes_first() =>
        Assert.DoesNotContain(
            Of(Two("230").Do(new NoteFact("a", Subjects.Box, "wall-next", new(Known.Measured, "100"))), "a", "wall-spacing"),
            f => f.Verdict == Verdict.Fix
        );

    /// <summary>In a fire-rated wall 24 in apart on opposite faces: 20 in is told with its inches, and asks what protects them. Farther
    /// apart than that, a box nobody recorded may be nearer: it is asked as before.</summary>
    [Theory]
    [InlineData("52 1/4", FireOpposite.Case.AskProtected)]
    [InlineData("56 1/4", FireOpposite.Case.AskWay)]
    public void Boxes_on_opposite_faces_of_a_fire_wall_are_read_off_the_drawing(string other, FireOpposite.Case found)
    {
        var job = With(Plain with { FireRating = 1, LeftFar = In("0") })
            .Box("a", Left("30"), Floor("12"))
            .Box("b", Left(other), Floor("12"), WallSide.Far);
        var finding = Assert.Single(Of(job, "a", "fire-opposite"));
        Assert.Equal((Verdict.Measure, found.ToString()), (finding.Verdict, finding.Case));
    }

    /// <summary>Read off the wall it is mended by another receptacle; "done, look again" would find the same.</summary>
    [Fact]
    public void What_is_read_off_the_wall_is_not_mended_by_looking_again()
    {
        var job = Opened(Two("230"), "a");
        var answer = RemedyList.Weigh(job, "a", Assert.Single(Of(job, "a", "wall-spacing")));
        Assert.Empty(answer.Remedies);
        Assert.Contains("Another receptacle on the way", RemedyTeller.Tell(job, "a", answer).WhyNone, StringComparison.Ordinal);
    }

    private static List<Finding> Of(Job job, string box, string rule) =>
        [.. Opened(job, box) is var now ? Inspector.JudgeAll(now, box, now.Boxes[box]).Where(f => f.Rule == rule) : []];

    /// <summary>Nothing is said of a box nobody opened.</summary>
    private static Job Opened(Job job, string box) => job.Do(new SetContents(box, Contents.Partial));
}

using JollyBarn.CodeBook;
using JollyBarn.Inspection.Judging;
using JollyBarn.Practice;
using JollyBarn.Practice.Classes;
using JollyBarn.Practice.Made;
using JollyBarn.Practice.Sheets;
using JollyBarn.Telling.Practised;
using JollyBarn.Terms;

namespace JollyBarn.Core.Tests.Practising;

/// <summary>What a class does, how its answers are marked, and the lists boxes of real wire are looked over by.</summary>
public class ClassPlanTests
{
    private static readonly SheetAsk Sheet = new([SheetKind.Heard, SheetKind.Count], 1, 3, 9, Edition.Nec2023);

    private static readonly BenchTask Task = new(
        "b1",
        "One receptacle",
        "j",
        "b",
        [new("sheath", false, null, 0.25m), new("gap", true, null, 0.125m), new("polarity", false), new("makeup.order", false, "gnh")]
    );

    private static OwnQuestion Own(string id, int after) => new(id, after, $"Question {id}?", ["this", "that"], 1, "");

    private static ClassPlan Plan(params OwnQuestion[] own) => new("Evening", Sheet, MarksShown.AtOnce, own, [Task]);

    [Fact]
    public void Own_questions_stand_where_they_were_put()
    {
        var plan = Plan(Own("qa", 0), Own("qb", 2), Own("qc", 40));
        Assert.Equal(["qa", "s1", "s2", "qb", "s3", "qc", "b1"], plan.Places.Select(p => p.Id));
        Assert.Null(plan.Check());
    }

    [Theory]
    [InlineData("s2", "One right of two", 1, Why.IdTaken)]
    [InlineData("q", "", 1, Why.NeedsName)]
    [InlineData("q", "Which?", 2, Why.OwnRight)]
    [InlineData("not an id", "Which?", 1, Why.NotAnId)]
    public void A_question_that_is_none_is_refused(string id, string asks, int right, Why why) =>
        Assert.Equal(why, Plan(new OwnQuestion(id, 0, asks, ["this", "that"], right, "")).Check()!.Why);

    /// <summary>What a teacher ticks is what is asked: each kind asks its own skill at every level.</summary>
    [Fact]
    public void Each_kind_asks_its_own_skill()
    {
        (SheetKind Kind, Skill Skill)[] all =
        [
            (SheetKind.Numbers, Skill.KnowNumbers),
            (SheetKind.Wire, Skill.KnowWire),
            (SheetKind.Connectors, Skill.KnowConnectors),
            (SheetKind.Boxes, Skill.KnowBoxes),
            (SheetKind.House, Skill.KnowHouse),
            (SheetKind.Heard, Skill.KnowSayings),
            (SheetKind.Shows, Skill.TesterShows),
            (SheetKind.Behind, Skill.TesterBehind),
            (SheetKind.Next, Skill.TesterNext),
            (SheetKind.Making, Skill.KnowMaking),
        ];
        foreach (var (kind, skill) in all)
        {
            foreach (var level in Enumerable.Range(1, FillDrills.Levels))
            {
                var items = PracticeSheet.Of(new([kind], level, 3, 17, Edition.Nec2020), 1);
                Assert.All(items, i => Assert.Equal(skill, i.Asked!.Skill));
            }
        }
    }

    /// <summary>The tape decides, and what nobody looked at is neither good nor a fault.</summary>
    [Theory]
    [InlineData("1/4", "1/8", true, 2, 2)]
    [InlineData("3/16", "1/8", true, 1, 2)]
    [InlineData("6 mm", "3 mm", true, 1, 2)]
    [InlineData("7 mm", "3 mm", null, 2, 2)]
    public void A_box_of_real_wire_is_marked_by_the_tape(string sheath, string gap, bool? order, int measured, int limits)
    {
        BenchFound[] found = [new("sheath", null, sheath), new("gap", null, gap), new("polarity", true), new("makeup.order", order)];
        var (place, answer) = (ClassPlace.Of(Task), new ClassAnswer(Bench: found));
        Assert.Null(ClassMark.Check(place, null, answer));
        var mark = ClassMark.Of(place, null, answer);
        Assert.Equal(measured, ClassMark.Judged(Task, found).Take(limits).Count(j => j.Holds == true));
        Assert.Equal(measured == 2 && order == true, mark.Right);
        Assert.Equal(order is not null, ClassMark.IsWhole(Task, found));
        Assert.Equal(order is not null, mark.Graded.Any(g => g.Skill == Skill.MakeOrder));
    }

    [Fact]
    public void What_was_not_looked_at_is_told_as_such()
    {
        var place = ClassPlace.Of(Task);
        ClassAnswer answer = new(Bench: [new("sheath", null, "1/8"), new("gap", false)]);
        var told = RoomTeller.Tell(place, null, answer, ClassMark.Of(place, null, answer));
        Assert.False(told.Right);
        Assert.Equal((0, 4), (told.Steps, told.All));
        Assert.Contains(told.Faults, f =>
            f.Contains("1/8 in", StringComparison.Ordinal) && f.Contains("at least 1/4 in", StringComparison.Ordinal)
        );
        Assert.Equal(2, told.Faults.Count(f => f.EndsWith("not looked at.", StringComparison.Ordinal)));
    }

    /// <summary>Results counted by hand: three learners, one question each got wrong by one, a count half right.</summary>
    [Fact]
    public void Results_say_what_the_class_misses()
    {
        static ClassMark Mark(bool right, int steps, int all, Skill skill) =>
            new(right, steps, all, [new(skill, right ? Grade.Good : Grade.Again)]);
        ClassEntry[] entries =
        [
            new(1, "s1", Mark(true, 1, 1, Skill.KnowSayings), 10),
            new(2, "s1", Mark(false, 0, 1, Skill.KnowSayings), 30),
            new(3, "s1", Mark(true, 1, 1, Skill.KnowSayings), 20),
            new(1, "s2", Mark(false, 3, 7, Skill.FillGrounds), 90),
            // Of a place that is there no more nothing is counted.
            new(1, "gone", Mark(false, 0, 1, Skill.HuntFind), 5),
        ];
        var results = ClassResults.Of(Plan(), entries);
        Assert.Equal((3, 2, 20), (results.Items[0].Answered, results.Items[0].Right, results.Items[0].Seconds));
        Assert.Equal((1, 0, 3, 7), (results.Items[1].Answered, results.Items[1].Right, results.Items[1].Steps, results.Items[1].All));
        Assert.Null(results.Items[2].Seconds);
        Assert.Equal([(Skill.FillGrounds, 1, 1), (Skill.KnowSayings, 3, 1)], results.Skills.Select(s => (s.Skill, s.Asked, s.Missed)));
    }

    /// <summary>Over generated boxes: a list asks what the rules there are judge, each once, and its lengths are the published ones: the
    /// sheath ¼ in in, 314.17; the gap ⅛ in, 314.21; set back at most ¼ in, 314.20; held within 12 in, or 8 in where the box has no
    /// clamp, 334.30 and 314.17; leads of 6 in, 300.14.</summary>
    [Fact]
    public void Lists_of_real_boxes_are_the_rules_own()
    {
        Dictionary<string, (bool Most, decimal[] Inches)> published = new()
        {
            ["sheath"] = (false, [0.25m]),
            ["gap"] = (true, [0.125m]),
            ["setback"] = (true, [0m, 0.25m]),
            ["fastener"] = (true, [12m]),
            ["cable-held"] = (true, [8m]),
            ["free-length"] = (false, [3m, 6m]),
        };
        var lengths = new HashSet<string>();
        foreach (var seed in Enumerable.Range(0, 8))
        {
            var drill = MakeDrill.Make(seed, 1 + (seed % 5), Edition.Nec2023);
            Assert.Empty(BenchList.Against(drill.Sound, drill.Box));
            var points = BenchList.Of(drill.Sound, drill.Box);
            Assert.Equal(points.Count, points.Select(p => p.Id).Distinct().Count());
            Assert.All(points, p => Assert.True(Inspector.Find(p.Id) is null == p.Answer is not null, p.Id));
            Assert.Contains(points, p => p is { Id: "makeup.order", Answer: "gnh" });
            Assert.Contains(points, p => p.Id == "fill");
            foreach (var point in points.Where(p => p.Limit is not null))
            {
                lengths.Add(point.Id);
                var (most, inches) = published[point.Id];
                Assert.Equal(most, point.Most);
                Assert.Contains(point.Limit!.Value, inches);
                Assert.True(point.Holds(point.Limit.Value));
                Assert.False(point.Holds(point.Limit.Value + (most ? 0.01m : -0.01m)));
            }
        }

        Assert.Superset(new HashSet<string> { "sheath", "gap", "setback" }, lengths);
    }
}

using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Measures;
using JollyBarn.Practice.Houses;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Practice.Asked;

/// <summary>A house with one box a saying is tried on, fed from the panel.</summary>
internal sealed class SayingHouse : WiredHouse
{
    private SayingHouse(Edition edition)
        : base(1) => Job = Job with { Profile = Job.Profile with { Edition = edition } };

    /// <summary>The box.</summary>
    public Id<Box> Tried { get; private set; }

    /// <summary>Leads of its first cable, and of those after it.</summary>
    public IReadOnlyList<Id<Lead>[]> Cables { get; private set; } = [];

    public Job Now => Job;

    /// <summary>A box of a kind with so many two-wire cables of a gauge in it, the first of them from a breaker.</summary>
    /// <param name="amperes">A, of the breaker.</param>
    public static SayingHouse Of(Edition edition, string kind, int cables, int gauge, int amperes, string place = "dry")
    {
        var house = new SayingHouse(edition);
        var (circuit, _) = house.Circuit(amperes);
        house.Tried = house.Box(kind, place);
        house.Cables =
        [
            .. Enumerable
                .Range(0, cables)
                .Select(i => house.Enter(house.Tried, i == 0 ? house.FromPanel(circuit, gauge, 2) : house.Run(circuit, gauge, 2))),
        ];
        return house;
    }

    public SayingHouse With(params Edit[] edits)
    {
        Do(edits);
        return this;
    }

    /// <summary>A receptacle on the first cable.</summary>
    public SayingHouse WithReceptacle()
    {
        Receptacle(Tried, "receptacle", Cables.Count > 1 ? [.. Cables[0], .. Cables[1]] : Cables[0], "hot-upper", "neutral-upper");
        return this;
    }

    public SayingHouse Noted(string of, FactKey fact, string value) => With(Note(Tried, of, fact.Id, value));

    /// <summary>Subject of the first cable's end.</summary>
    public string CableEnd => Subjects.CableEnd(Job.Boxes[Tried].Leads[Cables[0][0]].Run!.Value, Job.Boxes[Tried].Leads[Cables[0][0]].Side);

    public static Landing On(string place) => new(LandingAt.Terminal, null, "r", place);

    public static Fact<Length> Inches(int inches) => new(Known.Measured, Length.Inches(inches));

    /// <summary>What a rule says of the box, worst first.</summary>
    public IReadOnlyList<Finding> By(string rule) => [.. Inspector.JudgeAll(Job, Tried, Job.Boxes[Tried]).Where(f => f.Rule == rule)];
}

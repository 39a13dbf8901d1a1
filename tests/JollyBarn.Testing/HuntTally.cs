using JollyBarn.Tracing.Hunting;

namespace JollyBarn.Testing;

/// <summary>Counts how hunts for hidden faults end. Faults are drawn as likely as the program takes them to be.</summary>
public sealed class HuntTally
{
    private readonly Scene scene;
    private readonly Means means;
    private readonly Random random;
    private readonly IReadOnlyList<Suspect> faults;
    private readonly IReadOnlyList<AskedLook> asked;

    public HuntTally(Scene scene, Means means, Random random)
    {
        (this.scene, this.means, this.random) = (scene, means, random);
        faults = HiddenFault.Faults(scene);
        asked = [.. Trials.Of(scene, means).Select(t => t.Asked)];
    }

    /// <summary>Hunts for faults somebody notices.</summary>
    public int Noticed { get; private set; }

    /// <summary>Of them those that end with the hidden one first, and among the first three; what no test tells apart is one.</summary>
    public int First { get; private set; }

    public int Third { get; private set; }

    public int Tests { get; private set; }

    /// <summary>Boxes that were opened, each once.</summary>
    public int Openings { get; private set; }

    /// <summary>Boxes somebody opens who halves by hand: the middle one of what is left, which tells whether it is here, before or behind.
    /// <em>Practice</em>.</summary>
    public int Halved { get; private set; }

    /// <summary>Hides a fault and looks for it.</summary>
    public void One(double readingErrs, double wordErrs)
    {
        var hidden = HiddenFault.Drawn(faults, random);
        var hunt = new Hunt(scene, means, random, readingErrs, wordErrs);
        if (hunt.For(hidden) is not { } end)
        {
            return;
        }

        Noticed++;
        Tests += hunt.Made.Count;
        Openings += hunt.Made.SelectMany(t => t.Opens).Distinct().Count();
        Halved += ByHand(hidden);
        var place = Place(hidden, end.Suspects);
        First += place == 0 ? 1 : 0;
        Third += place < 3 ? 1 : 0;
    }

    public override string ToString() =>
        FormattableString.Invariant($"{Noticed} hunts: first {First}, in three {Third}, tests {Each(Tests):0.0}, ")
        + FormattableString.Invariant($"openings {Each(Openings):0.0}, by hand {Each(Halved):0.0}");

    /// <summary>So many for each hunt.</summary>
    public double Each(int of) => (double)of / Math.Max(1, Noticed);

    private int ByHand(Suspect hidden)
    {
        var at = hidden.Faults[0].Boxes(scene.Job).Select(b => scene.Boxes.ToList().IndexOf(b)).ToList();
        var (low, high) = (0, scene.Boxes.Count - 1);
        for (var opened = 1; ; opened++)
        {
            var middle = (low + high) / 2;
            if (low >= high || at.Contains(middle))
            {
                return opened;
            }

            (low, high) = at.Min() > middle ? (middle + 1, high) : (low, middle - 1);
        }
    }

    /// <summary>How many classes stand before that of the hidden fault.</summary>
    private int Place(Suspect hidden, Suspects suspects)
    {
        var row = Predicting.Of(scene, hidden, asked);
        var before = new List<IReadOnlyList<Prediction>>();
        foreach (var one in suspects.All.Where(a => a.Suspect.Kind == SuspectKind.Fault).Take(40))
        {
            var other = Predicting.Of(scene, one.Suspect, asked);
            if (Prediction.Same(row, other))
            {
                break;
            }

            if (!before.Exists(b => Prediction.Same(b, other)))
            {
                before.Add(other);
            }
        }

        return before.Count;
    }
}

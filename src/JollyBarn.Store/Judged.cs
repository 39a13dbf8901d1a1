using JollyBarn.Electrics;
using JollyBarn.Fill;
using JollyBarn.Inspection.Judging;
using JollyBarn.Planning;

namespace JollyBarn.Store;

/// <summary>What is worked out of an open job and kept as long as what it was worked out from.</summary>
public sealed class Judged
{
    public Judged() => Verdicts = new(Reports);

    public BoxReports Reports { get; } = new();

    public Verdicts Verdicts { get; }

    public SupplyVerdicts Supply { get; } = new();

    /// <summary>Stops by the solved network.</summary>
    public ExpectedLive Expected { get; } = new();

    /// <summary>Cables nobody has followed, and what waits for them.</summary>
    public OpenRuns OpenRuns { get; } = new();

    /// <summary>The job as electricity.</summary>
    public KeptLive Live { get; } = new();
}

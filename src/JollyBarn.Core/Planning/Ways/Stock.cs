using JollyBarn.CodeBook;
using JollyBarn.Fill;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>Where parts are bought.</summary>
public interface IShop
{
    /// <summary>What it has of a part; null where it does not carry it.</summary>
    public StockLine? Find(PartId part);

    /// <summary>What it carries.</summary>
    public IReadOnlyList<PartId> Carries { get; }
}

/// <summary>An invented shop: carries every generic part, as many as are wanted, at an invented price by its class.</summary>
public sealed class StandInShop : IShop
{
    private static readonly Dictionary<PartId, StockLine> Lines = Carried().ToDictionary(l => l.Part, l => l.Line);

    public IReadOnlyList<PartId> Carries { get; } = [.. Lines.Keys];

    public StockLine? Find(PartId part) =>
        Lines.TryGetValue(part, out var line) ? line
        : part.Sort == PartSort.Cable ? new(Price: 0.6m, Pack: 25)
        : part.Sort == PartSort.Wire ? new(Price: 0.25m, Pack: 25)
        : part.Sort == PartSort.Breaker ? new(Price: part.Kind.StartsWith("standard", StringComparison.Ordinal) ? 9 : 52)
        : null;

    private static IEnumerable<(PartId Part, StockLine Line)> Carried()
    {
        decimal[] boxes = [0, 1.5m, 4, 9, 16, 30];
        foreach (
            var kind in BoxKinds.All.Where(k => k.Id is not (BoxKinds.NoBox or BoxKinds.Unlisted) && k.Material != BoxMaterial.Unknown)
        )
        {
            yield return (new(PartSort.Box, kind.Id), new(Price: boxes[kind.PriceClass]));
        }

        foreach (var part in PartKinds.All)
        {
            yield return (new(PartSort.Fitting, part.Id), new(Price: boxes[part.PriceClass]));
        }

        foreach (var kind in DeviceKinds.All)
        {
            yield return (
                new(PartSort.Device, kind.Id),
                new(
                    Price: kind.Protects ? 24
                    : kind.Receptacle ? 2.5m
                    : 6
                )
            );
        }

        foreach (var kind in ConnectorKinds.All.Where(k => k.Style != ConnectorStyle.None))
        {
            yield return (new(PartSort.Connector, kind.Id), new(Price: kind.Grip is null ? 0.6m : 0.15m, Pack: 25));
        }

        for (var gangs = 1; gangs <= 4; gangs++)
        {
            yield return (new(PartSort.Plate, $"{gangs}g"), new(Price: gangs));
            yield return (new(PartSort.Plate, $"wet-{gangs}g"), new(Price: 12 + gangs));
        }

        yield return (new(PartSort.Clamp, "cable"), new(Price: 0.5m, Pack: 5));
        yield return (new(PartSort.Staple, "cable"), new(Price: 0.04m, Pack: 100));
        yield return (new(PartSort.Screw, "ground-10-32"), new(Price: 0.2m, Pack: 10));
        yield return (new(PartSort.Screw, "extension-8-32"), new(Price: 0.1m, Pack: 10));
        yield return (new(PartSort.Tape, "electrical"), new(Price: 2));
        yield return (new(PartSort.NailPlate, "steel"), new(Price: 0.5m, Pack: 10));
        yield return (PartNames.Raceway, new(Price: 2.2m, Pack: 5));
        yield return (new(PartSort.Plug, "knockout"), new(Price: 0.4m, Pack: 5));
        yield return (new(PartSort.Label, "gfci-no-ground"), new(Price: 0.1m, Pack: 20));
    }
}

/// <summary>What van and shop have: the job's own lines before the shop's.</summary>
public sealed class Stock(Job job, IShop shop)
{
    public StockLine? Find(PartId part) => job.Stock.Find(part.ToString()) ?? shop.Find(part);

    /// <summary>True where van or shop has one at least.</summary>
    public bool Has(PartId part) => Find(part) is { } line && (line.AtHand > 0 || line.Shop is not 0);

    /// <summary>True where the van holds one.</summary>
    public bool InVan(PartId part) => Find(part) is { AtHand: > 0 };

    /// <summary>What would do instead, with what the van holds first; otherwise in the order it was.</summary>
    public InsteadAnswer VanFirst(InsteadAnswer answer)
    {
        ArgumentNullException.ThrowIfNull(answer);
        return answer with { Options = [.. answer.Options.OrderByDescending(InVan)] };
    }

    /// <summary>True where all that is new of it lies in the van.</summary>
    public bool InVan(InsteadOption option) => PartsOf.Of(option).All(InVan);

    /// <summary>How many of so many have to be bought.</summary>
    public decimal ToBuy(PartNeed need) => Math.Max(0, need.Count - (Find(need.Part)?.AtHand ?? 0));

    /// <summary>True where van and shop together have so many.</summary>
    public bool Covers(PartNeed need) => Find(need.Part) is { } line && (line.Shop is not { } shop || line.AtHand + shop >= need.Count);

    /// <summary>What so many cost: what lies in the van at its price too, for it was bought; $.</summary>
    public decimal Price(PartNeed need) => (Find(need.Part)?.Price ?? 0) * need.Count;
}

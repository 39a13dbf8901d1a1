using System.Numerics;
using System.Runtime.InteropServices;

namespace JollyBarn.Electrics;

/// <summary>What differs in a network from one that is solved: branches that take another admittance, branches and nodes that came
/// in.</summary>
public sealed class NetworkChange
{
    private readonly Dictionary<int, Complex> admittances;
    private readonly List<Branch> added;
    private readonly Dictionary<int, Complex> driven;

    public NetworkChange() => (admittances, added, driven) = ([], [], []);

    private NetworkChange(NetworkChange from) =>
        (admittances, added, driven, NewNodes) = (new(from.admittances), [.. from.added], new(from.driven), from.NewNodes);

    /// <summary>Nodes the network has more.</summary>
    public int NewNodes { get; set; }

    public IReadOnlyList<Branch> Added => added;

    public IReadOnlyDictionary<int, Complex> Admittances => admittances;

    /// <summary>Currents driven into nodes more than before, A.</summary>
    public IReadOnlyDictionary<int, Complex> Driven => driven;

    public NetworkChange Copy() => new(this);

    /// <summary>A branch takes another admittance, S; nothing opens it.</summary>
    public void Set(int branch, Complex admittance) => admittances[branch] = admittance;

    public void Add(Branch branch) => added.Add(branch);

    /// <summary>More current driven in at one node and out at another, A.</summary>
    public void Drive(int into, int outOf, Complex amperes)
    {
        CollectionsMarshal.GetValueRefOrAddDefault(driven, into, out _) += amperes;
        CollectionsMarshal.GetValueRefOrAddDefault(driven, outOf, out _) -= amperes;
    }
}

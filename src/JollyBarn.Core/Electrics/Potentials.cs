using System.Numerics;

namespace JollyBarn.Electrics;

/// <summary>Potentials of nodes as they become known, kept by pages so that a change of a large network costs only what is asked of
/// it.</summary>
internal sealed class Potentials
{
    private const int PageBits = 5;
    private const int InPage = (1 << PageBits) - 1;
    private readonly Complex[]?[] pages;
    private readonly uint[] known;

    public Potentials(int nodes)
    {
        var count = (nodes >> PageBits) + 1;
        (pages, known) = (new Complex[count][], new uint[count]);
        Set(Network.Earth, Complex.Zero);
    }

    public bool TryGet(int node, out Complex volts)
    {
        if ((known[node >> PageBits] & (1u << (node & InPage))) != 0)
        {
            volts = pages[node >> PageBits]![node & InPage];
            return true;
        }

        volts = default;
        return false;
    }

    public Complex Set(int node, Complex volts)
    {
        known[node >> PageBits] |= 1u << (node & InPage);
        return (pages[node >> PageBits] ??= new Complex[1 << PageBits])[node & InPage] = volts;
    }
}

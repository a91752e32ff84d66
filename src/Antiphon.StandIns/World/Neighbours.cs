namespace Antiphon.StandIns.World;

/// <summary>What the neighbours wrote.</summary>
public sealed class Neighbours(StandInPorts ports) : KeptBook<NeighbourPage>(Path.Combine(ports.Data, "neighbours.jsonl"), page => page.Number);

// A stream whose device fails after a given number of bytes, as a full disk does.
#pragma once

#include <ostream>
#include <streambuf>

namespace ink::test {

class FailingBuffer : public std::streambuf
{
public:
    explicit FailingBuffer(std::size_t room) : m_room(room) {}

protected:
    int_type overflow(int_type c) override
    {
        if (m_room == 0)
            return traits_type::eof();
        --m_room;
        return traits_type::not_eof(c);
    }

private:
    std::size_t m_room;
};

} // namespace ink::test
